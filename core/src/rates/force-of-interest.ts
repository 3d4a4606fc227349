import { frequencyOf } from "../time/duration";
import type { Quotation } from "./quotation";

/**
 * The force of interest λ = ln a(1 year) of a quoted rate, as a decimal a year.
 *
 * @param percent the quoted figure, in percent
 * @param quotation how it is quoted
 * @returns λ, or `null` where the rate is −100 % per period or less, at which money would vanish
 *   or turn its sign; `continuous` has no such limit
 * Accuracy: relative 4e-16 through log1p, also for rates near zero.
 * Source: Kellison, The Theory of Interest, ch. 1 (nominal, effective and force of interest)
 */
export function forceOfInterest(percent: number, quotation: Quotation): number | null {
  const decimal = percent / 100;
  switch (quotation.quoted) {
    case "continuous":
      return decimal;
    case "effective":
      return decimal > -1 ? Math.log1p(decimal) : null;
    case "periodic": {
      const frequency = frequencyOf(quotation.compounding);
      return decimal > -1 ? frequency * Math.log1p(decimal) : null;
    }
    case "nominal": {
      const frequency = frequencyOf(quotation.compounding);
      const perPeriod = decimal / frequency;
      return perPeriod > -1 ? frequency * Math.log1p(perPeriod) : null;
    }
  }
}

/**
 * The inverse of `forceOfInterest`: a force of interest stated in a quotation.
 *
 * @param force λ, a decimal a year
 * @returns percent in that quotation; infinite where it would pass the largest double
 */
export function percentFromForce(force: number, quotation: Quotation): number {
  switch (quotation.quoted) {
    case "continuous":
      return force * 100;
    case "effective":
      return Math.expm1(force) * 100;
    case "periodic":
      return Math.expm1(force / frequencyOf(quotation.compounding)) * 100;
    case "nominal": {
      const frequency = frequencyOf(quotation.compounding);
      return frequency * Math.expm1(force / frequency) * 100;
    }
  }
}
