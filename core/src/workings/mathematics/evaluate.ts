import { sum } from "../../numbers/sum";
import type { Expression, Quantity } from "./expression";

/** What an expression comes to, with the values that its quantities have. */
export function evaluate(expression: Expression): number {
  switch (expression.op) {
    case "number":
      return expression.value;
    case "written":
      return evaluate(expression.of);
    case "fraction":
      return expression.over / expression.under;
    case "quantity":
      return expression.quantity.value;
    case "sum":
      return sum(expression.terms.map(({ sign, of }) => sign * evaluate(of)));
    case "product":
      return expression.factors.reduce((value, factor) => value * evaluate(factor), 1);
    case "quotient":
      return evaluate(expression.over) / evaluate(expression.under);
    case "power":
      return evaluate(expression.base) ** evaluate(expression.exponent);
    case "exponential":
      return Math.exp(evaluate(expression.exponent));
    case "logarithm":
      return logarithmOf(expression.of);
    case "factor":
      return expression.factor.evaluate(expression.args.map(evaluate));
  }
}

/** ln(1 + x) keeps the digits of a small x that 1 + x would lose. */
function logarithmOf(expression: Expression): number {
  if (expression.op === "sum" && expression.terms.length === 2) {
    const [one, other] = expression.terms;
    if (one?.sign === 1 && one.of.op === "number" && one.of.value === 1 && other !== undefined) {
      return Math.log1p(other.sign * evaluate(other.of));
    }
  }
  return Math.log(evaluate(expression));
}

/** Whether no number can be put in the place of some part of it. */
export function isOpen(expression: Expression): boolean {
  return someQuantity(expression, (quantity) => quantity.isOpen);
}

/** Whether it is made of quantities that have no letter and are written as what they are made of. */
export function hasInlined(expression: Expression): boolean {
  return someQuantity(
    expression,
    ({ letter, expression: inner }) => letter === null && inner !== null,
  );
}

/** Whether something holds for a quantity that stands in it. */
export function someQuantity(
  expression: Expression,
  holds: (quantity: Quantity) => boolean,
): boolean {
  const some = (...parts: readonly Expression[]) => parts.some((part) => someQuantity(part, holds));
  switch (expression.op) {
    case "number":
    case "fraction":
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
      return some(expression.of);
    case "factor":
      return some(...expression.args);
  }
}
