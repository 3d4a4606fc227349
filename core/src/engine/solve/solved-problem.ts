import { valueAt } from "../numbers/affine";
import { resolvePosition } from "../timeline/positions";
import type { Flow, FlowOf, Problem } from "../problem/schema";
import type { ResolvedFlow, Timeline } from "../timeline/timeline";
import type { Account } from "./account";
import type { Solution } from "./solution";

/** A problem and everything that is known of it once it is solved, so that nobody works it out again. */
export interface SolvedProblem extends Solution {
  readonly problem: Problem;
  /** Its references followed, linear in the unknown. */
  readonly timeline: Timeline;
  /** What is actually paid, and how money grows. */
  readonly account: Account;
  /** The flows of the problem, in its order. */
  readonly flows: readonly SolvedFlow[];
}

/** One flow of a solved problem, with all that is known of it. */
export type SolvedFlow = { readonly [Kind in Flow["kind"]]: SolvedFlowOf<Kind> }[Flow["kind"]];

export interface SolvedFlowOf<Kind extends Flow["kind"]> {
  readonly kind: Kind;
  /** Its place in the problem, from 0. */
  readonly index: number;
  readonly file: FlowOf<Kind>;
  /** Linear in the unknown. */
  readonly resolved: Extract<ResolvedFlow, { kind: Kind }>;
  /** With the answer in it. */
  readonly settled: Extract<ResolvedFlow<number>, { kind: Kind }>;
}

/** Puts together what is known of each flow; the three lists have the same order. */
export function solvedFlows(
  problem: Problem,
  resolved: Timeline["flows"],
  settled: readonly ResolvedFlow<number>[],
): SolvedFlow[] {
  return problem.flows.map(
    (file, index) =>
      ({
        kind: file.kind,
        index,
        file,
        resolved: resolved[index],
        settled: settled[index],
      }) as SolvedFlow,
  );
}

/** The date of the value that a problem asks for, in years from today; `null` where it asks for none. */
export function yearsAsked({ problem, account }: SolvedProblem): number | null {
  return problem.ask === undefined
    ? null
    : valueAt(resolvePosition(problem, problem.ask.at), account.x);
}
