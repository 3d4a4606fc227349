import { someQuantity } from "../../workings/mathematics/evaluate";
import type { Expression, Quantity } from "../../workings/mathematics/expression";

/** All that some quantities are made of, they themselves among it. */
export function reachableFrom(quantities: readonly Quantity[]): ReadonlySet<Quantity> {
  const reached = new Set<Quantity>();
  const reach = (quantity: Quantity): boolean => {
    if (reached.has(quantity)) return false;
    reached.add(quantity);
    if (quantity.expression !== null) reachIn(quantity.expression);
    return false;
  };
  const reachIn = (expression: Expression) => {
    someQuantity(expression.op === "root" ? expression.balance : expression, reach);
  };
  quantities.forEach(reach);
  return reached;
}
