import { frequencyOf } from "../../time/duration";
import { frequencyWords } from "../../wording/quotation-words";
import { requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";

/** An effective rate is divided over the periods of a year as if it were nominal. */
export const effectiveAsNominal: Mistake = {
  code: "effective-as-nominal",
  nextTime: "An effective rate is not divided: take the root that grows to it in a year.",
  slips: ({ problem }) => {
    const paid = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      if (rate.quoted !== "effective") return [];
      const periods = (paid.length > 0 ? paid : ["P1M", "P3M", "P6M"]).filter(
        (every) => frequencyOf(every) !== 1,
      );
      return periods.map((every) => ({
        done: () =>
          `the effective rate was divided by ${frequencyOf(every)}, as if it were compounded ${frequencyWords(every).adverb}`,
        corrected: () =>
          "An effective rate already has the compounding in it: the rate for a shorter period is a root of it.",
        problem: withRate(
          problem,
          index,
          requoted(rate, { quoted: "nominal", compounding: every }),
        ),
        ...(paid.length > 0 ? {} : { isRare: true as const }),
      }));
    });
  },
};
