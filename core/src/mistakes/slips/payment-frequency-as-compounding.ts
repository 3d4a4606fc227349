import { frequencyOf } from "../../time/duration";
import { frequencyWords } from "../../wording/quotation-words";
import { requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";

/** The rate is taken to be compounded as often as payments are made. */
export const paymentFrequencyAsCompounding: Mistake = {
  code: "payment-frequency-as-compounding",
  nextTime:
    "Read how often interest is added apart from how often money is paid; they are two facts.",
  slips: ({ problem }) => {
    const periods = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      if (rate.quoted !== "nominal" && rate.quoted !== "continuous") return [];
      const own = rate.quoted === "nominal" ? rate.compounding : null;
      return periods
        .filter((every) => own === null || frequencyOf(every) !== frequencyOf(own))
        .map((every) => ({
          done: () =>
            `the rate was divided over the payments, as if it were compounded ${frequencyWords(every).adverb}`,
          corrected: () =>
            `It is compounded ${own === null ? "continuously" : frequencyWords(own).adverb}, and has to be restated for ${frequencyWords(every).adverb} payments.`,
          problem: withRate(
            problem,
            index,
            requoted(rate, { quoted: "nominal", compounding: every }),
          ),
        }));
    });
  },
};
