import { product, type Expression } from "../mathematics/expression";
import type { Term } from "../compose/term";

/** A term as a multiple of the unknown. */
export function multipleOf({ size, factor }: Term): Expression {
  if (size.op === "product") {
    const times = size.factors.filter((one) => one.op !== "quantity");
    return product(...times, factor);
  }
  if (size.op === "quantity" && size.quantity.expression !== null) {
    return multipleOf({ flow: 0, sign: 1, worth: null, size: size.quantity.expression, factor });
  }
  return factor;
}
