import { frequencyOf } from "../../../engine/time/duration";
import { frequencyWords } from "../../../wording/quotation-words";
import { requoted, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["nominal-as-effective"];

/** The student used a nominal rate as if it were effective. */
export const nominalAsEffective: Mistake = {
  code: "nominal-as-effective",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) =>
      rate.quoted === "continuous" ||
      (rate.quoted === "nominal" && frequencyOf(rate.compounding) !== 1)
        ? [
            {
              done: WORDS.done,
              corrected: () =>
                WORDS.corrected(
                  rate.quoted === "nominal"
                    ? frequencyWords(rate.compounding).adverb
                    : "continuously",
                ),
              nextTime:
                rate.quoted === "nominal"
                  ? WORDS.nextTimeOwn(
                      frequencyWords(rate.compounding).adverb,
                      String(frequencyOf(rate.compounding)),
                    )
                  : WORDS.nextTimeContinuous,
              problem: withRate(problem, index, requoted(rate, { quoted: "effective" })),
            },
          ]
        : [],
    ),
};
