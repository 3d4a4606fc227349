import type { Expression, Quantity } from "../../workings/mathematics/expression";

/** How often each open quantity is written in a formula, with all that it is made of. */
export function usesIn(expression: Expression): ReadonlyMap<Quantity, number> {
  const uses = new Map<Quantity, number>();
  count(expression, 1, uses);
  return uses;
}

function count(expression: Expression, times: number, uses: Map<Quantity, number>): void {
  const parts = (some: readonly Expression[], often = times) => {
    for (const part of some) count(part, often, uses);
  };
  switch (expression.op) {
    case "number":
    case "fraction":
    case "root":
      return;
    case "written":
      parts([expression.of]);
      return;
    case "quantity": {
      const { quantity } = expression;
      if (!quantity.isOpen) return;
      const before = uses.get(quantity) ?? 0;
      uses.set(quantity, before + times);
      // What is written twice gets a cell of its own, which is made of its parts once.
      if (quantity.expression !== null && before === 0) parts([quantity.expression], 1);
      return;
    }
    case "sum":
      parts(expression.terms.map(({ of }) => of));
      return;
    case "product":
      parts(expression.factors);
      return;
    case "quotient":
      parts([expression.over, expression.under]);
      return;
    case "power":
      parts([expression.base, expression.exponent]);
      return;
    case "exponential":
      parts([expression.exponent]);
      return;
    case "logarithm":
      parts([expression.of]);
      return;
    case "factor":
      // Its arguments stand in both of its forms.
      parts(expression.args, expression.factor.special === undefined ? times : 2 * times);
      return;
  }
}
