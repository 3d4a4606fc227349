import { frequencyOf } from "../../../engine/time/duration";
import { frequencyWords } from "../../../wording/quotation-words";
import { requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { rateOfPayments } from "../../../wording/teaching/rate-of-payments";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["payment-frequency-as-compounding"];

/** The student treated the rate as compounded as often as payments are made. */
export const paymentFrequencyAsCompounding: Mistake = {
  code: "payment-frequency-as-compounding",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const periods = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      if (rate.quoted !== "nominal" && rate.quoted !== "continuous") return [];
      const own = rate.quoted === "nominal" ? rate.compounding : null;
      return periods
        .filter((every) => own === null || frequencyOf(every) !== frequencyOf(own))
        .map((every) => ({
          done: () => WORDS.done(frequencyWords(every).adverb),
          nextTime: rateOfPayments(own, every, own === null ? null : frequencyOf(own)),
          corrected: () =>
            WORDS.corrected(
              own === null ? "continuously" : frequencyWords(own).adverb,
              frequencyWords(every).noun,
            ),
          problem: withRate(
            problem,
            index,
            requoted(rate, { quoted: "nominal", compounding: every }),
          ),
        }));
    });
  },
};
