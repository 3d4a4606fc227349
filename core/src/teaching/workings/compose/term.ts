import { isOpen } from "../mathematics/evaluate";
import {
  inverseOf,
  of,
  ONE,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Line, StepTable } from "../step";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import type { ComposedFlow, Composition } from "./composition";
import { dateWords } from "./flow-names";
import type { Moment } from "./moment";

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

/** An amount times its factor: over it, where the factor is 1 over something, or begins with such a one. */
export function times(size: Expression, factor: Expression): Expression {
  const factors = factor.op === "product" ? factor.factors : [factor];
  const place = factors.findIndex((one) => inverseOf(one) !== null);
  const under = place < 0 ? null : inverseOf(factors[place] ?? ONE);
  if (under === null) return product(size, factor);
  return product(
    quotient(product(size, ...factors.slice(0, place)), under),
    ...factors.slice(place + 1),
  );
}

/** @param focal where it is moved to; without it, it is moved in one line */
export function termOf(
  composition: Composition,
  { index: flow }: ComposedFlow,
  sign: 1 | -1,
  size: Expression,
  factor: Expression,
  focal: Moment | null = null,
): Term {
  const { sheet } = composition;
  const whole = focal === null ? times(size, factor) : inStages(composition, size, factor, focal);
  const worth = whole.op === "quantity" ? whole.quantity : sheet.define(null, "money", whole);
  return { flow, sign, size, factor, worth: isOpen(whole) ? null : worth };
}

/**
 * An amount or payments that are moved more than once, stage by stage: payments to one period before the first of them
 * and then to the focal date, an amount to each change of the rate. Each stage but the last has a line of its own.
 */
function inStages(
  { sheet, moves }: Composition,
  size: Expression,
  factor: Expression,
  focal: Moment,
): Expression {
  const factors = factor.op === "product" ? factor.factors : [factor];
  const first = factors.findLastIndex((one) => moves.lengthOf(one) === null) + 1;
  const own = factors.slice(0, first);
  const stages = factors.slice(first);
  const isOneLine = stages.length < (own.length === 0 ? 2 : 1);
  if (isOneLine || isOpen(size) || isOpen(factor)) return times(size, factor);
  let date = focal.years - stages.reduce((years, one) => years + (moves.lengthOf(one) ?? 0), 0);
  const last = stages.length - 1;
  return stages.reduce(
    (value, stage, index) => {
      date += moves.lengthOf(stage) ?? 0;
      return index === last ? product(value, stage) : at(product(value, stage), date);
    },
    own.length === 0 ? size : at(times(size, product(...own)), date),
  );

  function at(value: Expression, years: number): Expression {
    return of(sheet.define(null, "money", value, STEP_WORDS.value.stage(dateWords(years, sheet))));
  }
}
