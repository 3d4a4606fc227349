import { compoundingLaw, forceUnder, percentUnder } from "./compounding-law";
import type { Quotation } from "./quotation";

/**
 * The force of interest δ = ln a(1 year) of a quoted rate, as a decimal a year.
 *
 * @param percent the quoted figure, in percent
 * @param quotation how it is quoted
 * @returns δ, or `null` if the rate is −100% per period or less, or a discount takes everything; `continuous` has no
 *   such limit. Of simple interest and bank discount it is that of exactly one year.
 * Accuracy: relative 4e-16 through log1p, also for rates near zero.
 * Source: Kellison, The Theory of Interest, ch. 1 (nominal, effective and force of interest)
 */
export function forceOfInterest(percent: number, quotation: Quotation): number | null {
  const force = forceUnder(percent, compoundingLaw(quotation));
  return Number.isNaN(force) ? null : force;
}

/**
 * The inverse of `forceOfInterest`: a force of interest stated in a quotation.
 *
 * @param force δ, a decimal a year
 * @returns percent in that quotation; infinite where it would pass the largest double
 */
export function percentFromForce(force: number, quotation: Quotation): number {
  return percentUnder(force, compoundingLaw(quotation));
}
