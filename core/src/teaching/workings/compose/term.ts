import { isOpen } from "../mathematics/evaluate";
import {
  isOne,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Line, StepTable } from "../step";
import type { ComposedFlow, Composition } from "./composition";

/** One amount or one stream, as a term of the equation of value. */
export interface Term {
  /** The index of its flow. */
  readonly flow: number;
  /** +1 for money in, −1 for money out. */
  readonly sign: 1 | -1;
  /** The amount, by letter; 1 if the factor is the value itself. */
  readonly size: Expression;
  /** The value of each 1 of it at the focal date. */
  readonly factor: Expression;
  /** Their product; `null` while it depends on the unknown. */
  readonly worth: Quantity | null;
}

export interface FlowTerms {
  readonly terms: readonly Term[];
  /** Which lines of its quantities are shown; all, where nothing is said. */
  readonly shows?: (line: Line) => boolean;
  readonly table?: StepTable;
}

/** An amount times its factor: over it, where the factor is 1 over something. */
export function times(size: Expression, factor: Expression): Expression {
  return factor.op === "quotient" && isOne(factor.over)
    ? quotient(size, factor.under)
    : product(size, factor);
}

export function termOf(
  { sheet }: Composition,
  { index: flow }: ComposedFlow,
  sign: 1 | -1,
  size: Expression,
  factor: Expression,
): Term {
  const whole = times(size, factor);
  const worth = whole.op === "quantity" ? whole.quantity : sheet.define(null, "money", whole);
  return { flow, sign, size, factor, worth: isOpen(whole) ? null : worth };
}
