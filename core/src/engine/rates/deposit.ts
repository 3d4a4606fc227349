import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { frequencyOf } from "../time/duration";
import { forceOfInterest } from "./force-of-interest";
import { quotationOf, type Quotation } from "./quotation";
import { wholeUpTo } from "../numbers/compare";

/** When a deposit is given its interest: as it accrues, or only at the end of each whole period. */
export type Crediting = "always" | "whole-periods";

/** What somebody offers for money that is left with them. */
export interface DepositOffer {
  readonly rate: Quotation & { readonly percent: number };
  readonly crediting: Crediting;
}

/**
 * The time up to which a deposit has been given its interest.
 *
 * @param years since it was made, zero or more
 * @returns the end of the last whole period of compounding; the time itself where interest never waits
 */
export function creditedYears({ rate, crediting }: DepositOffer, years: number): number {
  if (crediting === "always" || rate.quoted === "continuous") return years;
  const frequency = "compounding" in rate ? frequencyOf(rate.compounding) : 1;
  return wholeUpTo(years * frequency) / frequency;
}

/**
 * What a deposit has become.
 *
 * @param amount what was put in at once
 * @param years since then, zero or more
 * @returns money; fails with `rate-too-low` and `answer-too-large`
 * Accuracy: relative 1e-14.
 */
export function depositBalance(amount: number, offer: DepositOffer, years: number): Result<number> {
  const { rate } = offer;
  const force = forceOfInterest(rate.percent, rate);
  if (force === null) {
    const quotation = quotationOf(rate);
    return fail(issue("rate-too-low", ["percent"], { percent: rate.percent, quotation }));
  }
  const balance = amount * Math.exp(force * creditedYears(offer, years));
  return Number.isFinite(balance) ? succeed(balance) : fail(issue("answer-too-large", [], {}));
}
