import type { Line } from "../step";
import type { Expression, Quantity } from "./expression";

/** The quantities whose values are written in a line, each once, in order, without the one it calculates. */
export function quantitiesIn({ parts, defines }: Line): Quantity[] {
  const found = new Set<Quantity>();
  for (const { expression, manner } of parts) {
    if (manner !== "symbols") collect(expression, manner === "numbers", found);
  }
  if (defines !== undefined) found.delete(defines);
  return [...found];
}

/** @param opens whether a quantity without a letter is written as the numbers of its formula */
function collect(expression: Expression, opens: boolean, found: Set<Quantity>): void {
  switch (expression.op) {
    case "quantity": {
      const { quantity } = expression;
      const inner = quantity.letter === null ? quantity.expression : null;
      if (inner !== null && (opens || quantity.isOpen)) {
        collect(inner, opens, found);
      } else if (!quantity.isOpen) found.add(quantity);
      return;
    }
    case "sum":
      for (const { of } of expression.terms) collect(of, opens, found);
      return;
    case "product":
      for (const factor of expression.factors) collect(factor, opens, found);
      return;
    case "quotient":
      collect(expression.over, opens, found);
      collect(expression.under, opens, found);
      return;
    case "power":
      collect(expression.base, opens, found);
      collect(expression.exponent, opens, found);
      return;
    case "exponential":
      collect(expression.exponent, opens, found);
      return;
    case "logarithm":
    case "rounded":
      collect(expression.of, opens, found);
      return;
    case "factor":
      for (const arg of expression.args) collect(arg, opens, found);
      return;
    case "number":
    case "fraction":
    case "root":
    case "written":
      return;
  }
}
