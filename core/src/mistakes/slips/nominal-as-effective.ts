import { frequencyOf } from "../../time/duration";
import { frequencyWords } from "../../wording/quotation-words";
import { requoted, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";

/** A nominal rate is used as if it were the effective one. */
export const nominalAsEffective: Mistake = {
  code: "nominal-as-effective",
  nextTime: "“Compounded monthly” makes a rate nominal: divide it by 12, do not take a root of it.",
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) =>
      rate.quoted === "continuous" ||
      (rate.quoted === "nominal" && frequencyOf(rate.compounding) !== 1)
        ? [
            {
              done: () => "the nominal rate was used as the effective yearly rate",
              corrected: () =>
                `It is compounded ${rate.quoted === "nominal" ? frequencyWords(rate.compounding).adverb : "continuously"}, so a year comes to more than the figure that is quoted.`,
              problem: withRate(problem, index, requoted(rate, { quoted: "effective" })),
            },
          ]
        : [],
    ),
};
