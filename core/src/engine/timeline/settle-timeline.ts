import { runsOf, settleFlow } from "../flows/flow-kinds";
import type { SettledFlow } from "../flows/flow-kind";
import type { PaymentRun } from "../flows/payment-run";
import { valueAt, type Affine } from "../numbers/affine";
import type { ResolvedFlow } from "./timeline";

/** Flows once the unknown is given a value. */
export function settleFlows(flows: readonly ResolvedFlow[], unknown: number): SettledFlow[] {
  const figure = (quantity: Affine) => valueAt(quantity, unknown);
  return flows.map((flow) => settleFlow(flow, figure, figure));
}

/** A flow with an unknown amount, taken apart. */
export interface SplitFlow {
  readonly known: readonly PaymentRun[];
  /** What each unit of the unknown adds. */
  readonly perUnknown: readonly PaymentRun[];
}

/**
 * Takes a flow apart into what is known and what each unit of the unknown amount adds: worths are linear,
 * so the two can be valued on their own, and no digits cancel between them.
 *
 * Flows do not change once they are resolved, so each is taken apart once, however often it is solved.
 */
export function splitFlow(flow: ResolvedFlow): SplitFlow {
  const before = splitBefore.get(flow);
  if (before !== undefined) return before;
  const split = {
    known: runsOf(settleFlow(flow, knownPart, knownPart)).filter(movesMoney),
    perUnknown: runsOf(settleFlow(flow, perUnknownPart, knownPart)).filter(movesMoney),
  };
  splitBefore.set(flow, split);
  return split;
}

const splitBefore = new WeakMap<ResolvedFlow, SplitFlow>();

const knownPart = ({ known }: Affine) => known;
const perUnknownPart = ({ perUnknown }: Affine) => perUnknown;

function movesMoney({ amount, step }: PaymentRun): boolean {
  return amount !== 0 || step !== 0;
}
