import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { forceOfInterest, percentFromForce } from "./force-of-interest";
import { isCompound, quotationOf, type Quotation } from "./quotation";

/**
 * States a rate in another quotation: the two make the same money grow alike over every whole year. Simple interest and
 * bank discount agree with another rate over one length of time alone.
 *
 * @param from the rate as quoted, `percent` in percent
 * @param to the quotation wanted
 * @param years over which the two agree, above zero; where both are compound, any time will do
 * @returns percent in `to`; fails with `rate-too-low` at −100 % per period and below, `discount-too-high` where a
 *   discount takes everything, `answer-too-large` where the figure passes the largest double
 * Accuracy: relative 1e-14.
 */
export function convertRate(
  from: Quotation & { percent: number },
  to: Quotation,
  years = 1,
): Result<number> {
  // Simple rates are those of the whole time: a year of them is that much of it.
  const span = (quotation: Quotation) => (isCompound(quotation) ? 1 : years);
  const ownForce = forceOfInterest(from.percent * span(from), from);
  if (ownForce === null) {
    const facts = { percent: from.percent, quotation: quotationOf(from) };
    const isTooHigh = from.percent > 0;
    return fail(issue(isTooHigh ? "discount-too-high" : "rate-too-low", ["percent"], facts));
  }
  const force = (ownForce / span(from)) * span(to);
  const percent = percentFromForce(force, to) / span(to);
  return Number.isFinite(percent) ? succeed(percent) : fail(issue("answer-too-large", [], {}));
}
