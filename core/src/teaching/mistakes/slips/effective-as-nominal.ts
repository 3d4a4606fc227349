import { frequencyOf } from "../../../engine/time/duration";
import { frequencyWords } from "../../../wording/quotation-words";
import { requoted, streamsOf, withRate } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure } from "../../../wording/answer-format";

const WORDS = MISTAKE_WORDS["effective-as-nominal"];

/** The student divided an effective rate by the periods a year, as if it were nominal. */
export const effectiveAsNominal: Mistake = {
  code: "effective-as-nominal",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const paid = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      if (rate.quoted !== "effective") return [];
      const periods = (paid.length > 0 ? paid : ["P1M", "P3M", "P6M"]).filter(
        (every) => frequencyOf(every) !== 1,
      );
      return periods.map((every) => ({
        done: (format) => WORDS.done(writeFigure(frequencyOf(every), format)),
        corrected: (format) =>
          WORDS.corrected(frequencyWords(every).noun, writeFigure(frequencyOf(every), format)),
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
