import type { Affine } from "../numbers/affine";
import type { ScaledSum } from "../numbers/scaled-sum";
import type { Flow, Problem } from "../problem/schema";
import { logGrowth, type Accumulation } from "../rates/accumulation";
import type { Result } from "../result";
import type { ResolvedFlow } from "../timeline/timeline";
import { datedFlow } from "./dated-flow";
import type { DatedAmount, FlowKind, SettledFlow } from "./flow-kind";
import { listFlow } from "./list-flow";
import { addWorthOfRun, type PaymentRun } from "./payment-run";
import { singleFlow } from "./single-flow";
import { streamFlow } from "./stream-flow";

/** The one place that lists the kinds of flow. */
const kinds: { readonly [Kind in Flow["kind"]]: FlowKind<Kind> } = {
  single: singleFlow,
  stream: streamFlow,
  list: listFlow,
  dated: datedFlow,
};

/** The kind of a flow, as one that takes any: a table cannot tell that key and flow belong together. */
function kindOf({ kind }: { readonly kind: Flow["kind"] }): FlowKind<Flow["kind"]> {
  return kinds[kind] as unknown as FlowKind<Flow["kind"]>;
}

export function resolveFlow(problem: Problem, flow: Flow): Result<ResolvedFlow> {
  return kindOf(flow).resolve(problem, flow);
}

export function settleFlow(
  flow: ResolvedFlow,
  money: (amount: Affine) => number,
  figure: (quantity: Affine) => number,
): SettledFlow {
  return kindOf(flow).settle(flow, money, figure);
}

export function runsOf(flow: SettledFlow): readonly PaymentRun[] {
  return kindOf(flow).runs(flow);
}

export function expandFlow(flow: SettledFlow, growth: Accumulation): readonly DatedAmount[] {
  return kindOf(flow).expand(flow, growth);
}

/** Adds what a flow is worth at a date, Σ amount · a(focal)/a(t), in closed form. */
export function addWorth(
  flow: SettledFlow,
  growth: Accumulation,
  focal: number,
  into: ScaledSum,
): void {
  if (flow.kind === "single") {
    into.add(flow.amount, logGrowth(growth, flow.at, focal));
    return;
  }
  for (const run of runsOf(flow)) addWorthOfRun(run, growth, focal, into);
}
