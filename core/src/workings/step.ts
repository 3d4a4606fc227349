import type { Expression, Quantity } from "./mathematics/expression";
import type { Manner } from "./mathematics/write";

/** What a step of the workings does; screens and exports may treat the kinds differently. */
export const STEP_KINDS = [
  "given",
  "balance-in-words",
  "rate-per-period",
  "number-of-periods",
  "term",
  "equation",
  "rearranged",
  "numbers",
  "value",
  "search",
  "check",
  "rounding",
  "answer",
] as const;

export type StepKind = (typeof STEP_KINDS)[number];

export const LEVELS = ["short", "every-step"] as const;

export type Level = (typeof LEVELS)[number];

/** One step of the workings: a sentence, the mathematics and, where it comes to a number, that number. */
export interface Step {
  readonly kind: StepKind;
  /** The briefest workings that still have this step. */
  readonly level: Level;
  readonly say: string;
  /** Each a formula of its own; none where the sentence is all. */
  readonly lines: readonly Line[];
  readonly table?: StepTable;
  readonly value?: number;
  /** Where it arrives at what is asked, as it is asked; of several such steps the last. */
  readonly finds?: Quantity;
}

/** Expressions that are equal, each in its manner: `a = b = c`. */
export interface Line {
  readonly parts: readonly LinePart[];
  /** Words beside the formula. */
  readonly note?: string;
  /** What the line works out. */
  readonly defines?: Quantity;
  /** It ends in a question mark. */
  readonly isAsked?: true;
}

export interface LinePart {
  readonly expression: Expression;
  readonly manner: Manner;
}

/** Many alike, of which the first and the last are told. */
export interface StepTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** Rows left out, and after which of those told; none left out where it is 0. */
  readonly leftOut: number;
  readonly leftOutAfter: number;
}
