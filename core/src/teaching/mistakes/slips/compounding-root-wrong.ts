import { forceUnder, compoundingLaw } from "../../../engine/rates/compounding-law";
import { frequencyOf } from "../../../engine/time/duration";
import { writeFigure } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake } from "../mistake";
import { rateOfPayments } from "../../../wording/teaching/rate-of-payments";
import { compoundingsOf, requoted, restatedPeriods, withRate } from "../parts-of-problem";

const WORDS = MISTAKE_WORDS["compounding-root-wrong"];

/** The student raised the growth of a compounding period to the wrong power for the rate per payment. */
export const compoundingRootWrong: Mistake = {
  code: "compounding-root-wrong",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) => {
      const perYear = compoundingsOf(rate);
      if (typeof rate.percent !== "number" || perYear === null || perYear === 1) return [];
      const growth = forceUnder(rate.percent, compoundingLaw(rate)) / perYear;
      return restatedPeriods(problem, rate).map((every) => {
        const paid = frequencyOf(every);
        const wrong = Math.expm1(paid > perYear ? growth / paid : growth * paid) * 100;
        const { noun } = frequencyWords(every);
        return {
          done: (format) =>
            WORDS.done(
              noun,
              paid > perYear ? `1/${writeFigure(paid, format)}` : writeFigure(paid, format),
            ),
          nextTime: rateOfPayments(
            rate.quoted === "nominal" ? rate.compounding : null,
            every,
            perYear,
          ),
          corrected: (format) =>
            WORDS.corrected(noun, writeFigure(perYear, format), writeFigure(paid, format)),
          problem: withRate(
            problem,
            index,
            requoted(rate, { quoted: "periodic", compounding: every }, wrong),
          ),
        };
      });
    }),
};
