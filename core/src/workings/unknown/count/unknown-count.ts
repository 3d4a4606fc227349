import type { Composition } from "../../compose/composition";
import type { Quantity } from "../../mathematics/expression";

/** The letter of the unknown number of payments. */
export function unknownCount({ counts }: Composition): Quantity {
  const count = counts.find((one) => one?.isUnknown === true);
  if (count === null || count === undefined) throw new TypeError("An unknown count has a letter");
  return count;
}
