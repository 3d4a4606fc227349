import { frequencyOf } from "../../../engine/time/duration";
import { compoundingsOf, requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { RATE_DECIMALS } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure, writePercent } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";

const WORDS = MISTAKE_WORDS["yearly-rate-per-payment"];

/** The student used the yearly rate for each payment, or for each compounding period. */
export const yearlyRatePerPayment: Mistake = {
  code: "yearly-rate-per-payment",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const payments = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      if (typeof percent !== "number" || rate.quoted === "periodic") return [];
      const own = "compounding" in rate ? [rate.compounding] : [];
      const periods = (payments.length > 0 ? payments : own).filter(
        (every) => frequencyOf(every) > 1,
      );
      return periods.map((every): Slip => {
        const perYear = frequencyOf(every);
        const { noun } = frequencyWords(every);
        const isPlain = rate.quoted === "nominal" && compoundingsOf(rate) === perYear;
        return {
          done: (format) => WORDS.done(writePercent(percent, format, RATE_DECIMALS), noun),
          corrected: (format) => {
            const yearly = writePercent(percent, format, RATE_DECIMALS);
            const periodic = writePercent(percent / perYear, format, RATE_DECIMALS);
            return isPlain
              ? WORDS.corrected(yearly, noun, writeFigure(perYear, format), periodic)
              : WORDS.correctedEquivalent(yearly, noun);
          },
          problem: withRate(
            problem,
            index,
            requoted(rate, { quoted: "periodic", compounding: every }),
          ),
        };
      });
    });
  },
};
