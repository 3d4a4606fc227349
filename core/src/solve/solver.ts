import type { Problem } from "../problem/schema";
import type { Unknown } from "../problem/unknown";
import type { Result } from "../result";
import type { Timeline } from "../timeline/timeline";
import type { Answer } from "./solution";

/** A solution with the value of x that makes the timeline balance, which need not be what is shown. */
export interface Root {
  readonly answer: Answer;
  /** The unknown as the timeline has it: an amount in its line's direction, a percent, a time in years. */
  readonly x: number;
}

export interface Question {
  readonly problem: Problem;
  readonly timeline: Timeline;
  readonly unknown: Unknown;
}

/** Finds every solution for one kind of unknown. A new kind is one file and one line in `solve.ts`. */
export type Solver = (question: Question) => Result<readonly [Root, ...Root[]]>;
