import { inWholeCents } from "../../../engine/flows/payment-rounding";
import { sum } from "../../../engine/numbers/sum";
import type { Expression, Quantity } from "./expression";

/** The value of an expression, from the values of its quantities. */
export function evaluate(expression: Expression): number {
  return evaluated(expression, ({ value }) => value);
}

/** The value with another number for an unknown, and for everything that depends on it. */
export function evaluateWith(expression: Expression, unknown: Quantity, figure: number): number {
  const known = new Map<Quantity, number>([[unknown, figure]]);
  const valueIn = (quantity: Quantity): number => {
    if (!quantity.isOpen || quantity.expression === null)
      return known.get(quantity) ?? quantity.value;
    const before = known.get(quantity);
    if (before !== undefined) return before;
    const value = evaluated(quantity.expression, valueIn);
    known.set(quantity, value);
    return value;
  };
  return evaluated(expression, valueIn);
}

/** The values of quantities in the order of calculation, with some of them replaced and what follows from those. */
export function revalued(
  quantities: readonly Quantity[],
  replaced: ReadonlyMap<Quantity, number>,
): Map<Quantity, number> {
  const values = new Map<Quantity, number>();
  const valueIn = (quantity: Quantity) => values.get(quantity) ?? quantity.value;
  for (const quantity of quantities) {
    const own = replaced.get(quantity);
    const isCalculated = quantity.expression !== null && !quantity.isOpen;
    values.set(
      quantity,
      own ?? (isCalculated ? evaluated(quantity.expression, valueIn) : quantity.value),
    );
  }
  return values;
}

function evaluated(expression: Expression, valueIn: (quantity: Quantity) => number): number {
  const value = (part: Expression) => evaluated(part, valueIn);
  switch (expression.op) {
    case "number":
    case "root":
      return expression.value;
    case "written":
      return value(expression.of);
    case "fraction":
      return expression.over / expression.under;
    case "quantity":
      return valueIn(expression.quantity);
    case "sum":
      return withoutNoise(expression.terms.map(({ sign, of }) => sign * value(of)));
    case "product":
      return expression.factors.reduce((before, factor) => before * value(factor), 1);
    case "quotient":
      return value(expression.over) / value(expression.under);
    case "power":
      return value(expression.base) ** value(expression.exponent);
    case "exponential":
      return Math.exp(value(expression.exponent));
    case "logarithm":
      return logarithmOf(expression.of, value);
    case "rounded":
      return inWholeCents(value(expression.of), expression.rounding);
    case "factor":
      return expression.factor.evaluate(expression.args.map(value));
  }
}

/** A sum; what is left by the rounding of terms that cancel is nothing. */
function withoutNoise(terms: readonly number[]): number {
  const total = sum(terms);
  const size = sum(terms.map(Math.abs));
  return Math.abs(total) <= 2 * Number.EPSILON * size ? 0 : total;
}

/** ln(1 + x) keeps the digits of a small x that 1 + x would lose. */
function logarithmOf(expression: Expression, valueOfPart: (part: Expression) => number): number {
  if (expression.op === "sum" && expression.terms.length === 2) {
    const [one, other] = expression.terms;
    if (one?.sign === 1 && one.of.op === "number" && one.of.value === 1 && other !== undefined) {
      return Math.log1p(other.sign * valueOfPart(other.of));
    }
  }
  return Math.log(valueOfPart(expression));
}

/** Whether some part of it has no value yet. */
export function isOpen(expression: Expression): boolean {
  return someQuantity(expression, (quantity) => quantity.isOpen);
}

/** Whether it has quantities without a letter, which are written as their formulas. */
export function hasInlined(expression: Expression): boolean {
  return someQuantity(
    expression,
    ({ letter, expression: inner }) => letter === null && inner !== null,
  );
}

/** Whether a condition holds for any quantity in it. */
export function someQuantity(
  expression: Expression,
  holds: (quantity: Quantity) => boolean,
): boolean {
  const some = (...parts: readonly Expression[]) => parts.some((part) => someQuantity(part, holds));
  switch (expression.op) {
    case "number":
    case "fraction":
    case "root":
      return false;
    case "written":
      return some(expression.of);
    case "quantity":
      return holds(expression.quantity);
    case "sum":
      return some(...expression.terms.map(({ of }) => of));
    case "product":
      return some(...expression.factors);
    case "quotient":
      return some(expression.over, expression.under);
    case "power":
      return some(expression.base, expression.exponent);
    case "exponential":
      return some(expression.exponent);
    case "logarithm":
    case "rounded":
      return some(expression.of);
    case "factor":
      return some(...expression.args);
  }
}
