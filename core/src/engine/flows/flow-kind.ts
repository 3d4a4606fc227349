import type { Affine } from "../numbers/affine";
import type { Flow, FlowOf, Problem } from "../problem/schema";
import type { Accumulation } from "../rates/accumulation";
import type { Result } from "../result";
import type { ResolvedFlow } from "../timeline/timeline";
import type { PaymentRun } from "./payment-run";

/** One amount of an expanded flow, signed: money in is positive. */
export interface DatedAmount {
  readonly amount: number;
  readonly at: number;
}

/** A flow with every figure known. */
export type SettledFlow = ResolvedFlow<number>;

type Resolved<Kind extends Flow["kind"], Q> = Extract<ResolvedFlow<Q>, { kind: Kind }>;

/**
 * What the engine needs to know about a kind of flow. A new kind is one file that provides this and
 * one line in `flow-kinds.ts`; no solver changes.
 */
export interface FlowKind<Kind extends Flow["kind"]> {
  readonly kind: Kind;
  /** Follows the references of a flow of a checked problem. */
  readonly resolve: (problem: Problem, flow: FlowOf<Kind>) => Result<Resolved<Kind, Affine>>;
  /**
   * Puts numbers in the place of linear quantities.
   *
   * @param money for amounts of money, in which worths are linear
   * @param figure for all else: times, counts, growth in percent
   */
  readonly settle: (
    flow: Resolved<Kind, Affine>,
    money: (amount: Affine) => number,
    figure: (quantity: Affine) => number,
  ) => Resolved<Kind, number>;
  /** The flow as runs of even payments, for worths in closed form: few of them, whatever the count. */
  readonly runs: (flow: Resolved<Kind, number>) => readonly PaymentRun[];
  /**
   * The flow as single amounts in time order, straight from its definition and without the closed
   * forms that it is there to check. A fraction of a payment is the amount that the closed form means
   * by it, which depends on how money grows. Endless flows have no expansion.
   */
  readonly expand: (flow: Resolved<Kind, number>, growth: Accumulation) => readonly DatedAmount[];
}
