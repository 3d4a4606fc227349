import type { Problem } from "../problem/schema";
import type { UnknownKind } from "../fields/figure";
import type { Unknowns } from "../problem/unknown";
import type { Result } from "../result";
import type { Timeline } from "../timeline/timeline";
import type { RoundedPayments } from "./rounded-payments";
import type { Answer, Completeness } from "./solution";

/** A solution with the value of x that balances the timeline, which may differ from the value shown. */
export interface Root {
  readonly answer: Answer;
  /** The unknown in the timeline: an amount in its line's direction, a percent, a count, years. */
  readonly x: number;
  /** Where the payment that is found is paid in whole cents: the answer is then one of these. */
  readonly rounded?: RoundedPayments;
}

export interface Question<Kind extends UnknownKind = UnknownKind> {
  readonly problem: Problem;
  readonly timeline: Timeline;
  readonly unknown: Unknowns[Kind];
  /** Fraction of the usual work that a search along a grid may take: 1, or less if an answer is only tried. */
  readonly effort: number;
}

export interface Roots {
  /** Ascending by the value shown. */
  readonly roots: readonly [Root, ...Root[]];
  /** How it is known that there is no other solution. */
  readonly completeness: Completeness;
}

/** Finds every solution for one kind of unknown. A new kind is one file and one line in `solvers.ts`. */
export type Solver<Kind extends UnknownKind> = (question: Question<Kind>) => Result<Roots>;

/** The result of a solver for a single root. */
export function onlyRoot(x: number, answer: Answer, completeness: Completeness): Roots {
  return { roots: [{ x, answer }], completeness };
}
