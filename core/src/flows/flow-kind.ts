import type { Result } from "../result";
import type { Affine } from "../numbers/affine";
import type { Flow, FlowOf, Problem } from "../problem/schema";
import type { Accumulation } from "../rates/accumulation";
import type { ResolvedFlow } from "../timeline/timeline";

/** One amount of an expanded flow. Its amount is signed: money in is positive. */
export interface DatedAmount {
  readonly amount: Affine;
  readonly at: number;
}

/**
 * What the solvers need to know about a kind of flow. A new kind is one file that provides this and
 * one line in `flow-kinds.ts`; no solver changes.
 */
export interface FlowKind<Kind extends Flow["kind"], Resolved extends ResolvedFlow> {
  readonly kind: Kind;

  /** Follows the references of a flow of a checked problem. */
  readonly resolve: (problem: Problem, flow: FlowOf<Kind>) => Result<Resolved>;

  /**
   * Worth of the flow at a date, Σ amount · a(focal)/a(t), linear in an unknown amount.
   * The flow's times must be known. Cost must not grow with the number of payments.
   */
  readonly worth: (flow: Resolved, growth: Accumulation, focal: number) => Affine;

  /** The flow as single amounts, in time order: the slow and obvious form, for proofs and rate equations. */
  readonly expand: (flow: Resolved) => readonly DatedAmount[];
}
