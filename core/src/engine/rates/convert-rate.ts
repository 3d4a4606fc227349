import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { forceOfInterest, percentFromForce } from "./force-of-interest";
import { quotationOf, type Quotation } from "./quotation";

/**
 * States a rate in another quotation: the two make the same money grow alike over every whole year.
 *
 * @param from the rate as quoted, `percent` in percent
 * @param to the quotation wanted
 * @returns percent in `to`; fails with `rate-too-low` at −100 % per period and below,
 *   `answer-too-large` where the figure passes the largest double
 * Accuracy: relative 1e-14.
 */
export function convertRate(from: Quotation & { percent: number }, to: Quotation): Result<number> {
  const force = forceOfInterest(from.percent, from);
  if (force === null) {
    return fail(
      issue("rate-too-low", ["percent"], { percent: from.percent, quotation: quotationOf(from) }),
    );
  }
  const percent = percentFromForce(force, to);
  return Number.isFinite(percent) ? succeed(percent) : fail(issue("answer-too-large", [], {}));
}
