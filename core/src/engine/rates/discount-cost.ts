import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { compoundGrowth } from "./compound-growth";

/** A bill that is sold before it is due. */
export interface DiscountedBill {
  /** What it pays when it is due. */
  readonly face: number;
  /** Simple discount, percent of the face a year. */
  readonly discountPercent: number;
  /** Days until it is due, above zero. */
  readonly days: number;
  /** Days that the discount counts a year by. */
  readonly daysInYear: 360 | 365;
  /** Taken off at once, beside the discount. */
  readonly fee: number;
}

/** What selling a bill costs. */
export interface DiscountCost {
  readonly discount: number;
  /** What is paid out today. */
  readonly proceeds: number;
  /** Discount and fee as an effective percent a year of 365 days. */
  readonly effectivePercent: number;
  /** The same as simple interest on what is paid out, percent a year by the days of the discount's year. */
  readonly simplePercent: number;
}

/**
 * Discount and fees as an effective yearly cost: the rate at which what is paid out becomes the face.
 *
 * @returns fails with `discount-takes-all` where nothing is left to be paid out, and as `compoundGrowth`
 * Accuracy: relative 1e-13.
 * Source: Kellison, The Theory of Interest, ch. 1 (simple discount, effective rates)
 */
export function discountCost(bill: DiscountedBill): Result<DiscountCost> {
  const { face, discountPercent, days, daysInYear, fee } = bill;
  const discount = (face * discountPercent * days) / (100 * daysInYear);
  const proceeds = face - discount - fee;
  if (!(proceeds > 0)) return fail(issue("discount-takes-all", [], {}));
  const cost = compoundGrowth(proceeds, face, days / 365);
  if (!cost.ok) return cost;
  const simplePercent = ((100 * (face - proceeds)) / proceeds) * (daysInYear / days);
  return succeed({ discount, proceeds, effectivePercent: cost.value, simplePercent });
}

/**
 * What it costs a year not to pay early and to forgo the discount for it.
 *
 * @param discountPercent of the invoice, above 0 and below 100
 * @param days by which the payment may be later without the discount, above zero
 * @returns effective percent a year of 365 days; fails with `discount-takes-all` and as `compoundGrowth`
 * Accuracy: relative 1e-13.
 */
export function costOfPayingLate(discountPercent: number, days: number): Result<number> {
  if (!(discountPercent < 100)) return fail(issue("discount-takes-all", [], {}));
  return compoundGrowth(100 - discountPercent, 100, days / 365);
}
