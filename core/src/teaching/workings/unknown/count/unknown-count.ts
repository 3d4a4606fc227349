import type { Composition } from "../../compose/composition";
import type { Quantity } from "../../mathematics/expression";

/** The letter of the unknown number of payments. */
export function unknownCount({ flows }: Composition): Quantity {
  const count = flows.find((one) => one.count?.isUnknown === true)?.count ?? null;
  if (count === null) throw new TypeError("An unknown count has a letter");
  return count;
}
