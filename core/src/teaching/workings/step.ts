import type { Expression, Quantity } from "./mathematics/expression";
import type { Level } from "../../wording/workings-style";
import type { Manner } from "./mathematics/write";

/** The kinds of steps; screens and exports may treat them differently. */
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
  "final-payment",
  "search",
  "check",
  "rounding",
  "answer",
] as const;

export type StepKind = (typeof STEP_KINDS)[number];

/** In which workings a step is: in all, in those with every step, or in the short ones instead of steps left out. */
export type StepLevel = Level | "short-alone";

/** One step of the workings: a sentence, the mathematics and, if it has one, its value. */
export interface Step {
  readonly kind: StepKind;
  readonly level: StepLevel;
  readonly say: string;
  /** The formulas; may be empty. */
  readonly lines: readonly Line[];
  readonly table?: StepTable;
  readonly value?: number;
  /** The unknown in its final form; the last such step counts. */
  readonly finds?: Quantity;
}

/** Equal expressions, each in its manner: `a = b = c`. */
export interface Line {
  readonly parts: readonly LinePart[];
  /** Words beside the formula. */
  readonly note?: string;
  /** The quantity that the line calculates. */
  readonly defines?: Quantity;
  /** It ends in a question mark. */
  readonly isAsked?: true;
}

export interface LinePart {
  readonly expression: Expression;
  readonly manner: Manner;
}

/** Many similar rows, of which the first and the last are shown. */
export interface StepTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** The number of rows left out (0 for none), and after which row. */
  readonly leftOut: number;
  readonly leftOutAfter: number;
}
