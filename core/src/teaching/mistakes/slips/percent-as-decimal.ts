import { withRate } from "../parts-of-problem";
import { restatedSlips } from "./restated-rate";
import type { Mistake } from "../mistake";
import { DECIMAL_DECIMALS, RATE_DECIMALS } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure, writePercent, type AnswerFormat } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";

const WORDS = MISTAKE_WORDS["percent-as-decimal"];

/** The student used a percentage as if it were a decimal: 7.4 for 0.074. */
export const percentAsDecimal: Mistake = {
  code: "percent-as-decimal",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      return typeof percent !== "number" || Math.abs(percent) > 1000
        ? []
        : [
            {
              done: (format) =>
                WORDS.done(
                  writeFigure(percent, format, RATE_DECIMALS),
                  writeFigure(percent / 100, format, DECIMAL_DECIMALS),
                ),
              corrected: (format) => corrected(percent, format),
              problem: withRate(problem, index, { ...rate, percent: percent * 100 }),
            },
            ...restatedSlips(
              problem,
              index,
              { rate, percent },
              (exact) => exact * 100,
              (exact, every) => ({
                done: (format) =>
                  WORDS.donePeriodic(
                    writeFigure(exact, format, RATE_DECIMALS),
                    writeFigure(exact / 100, format, DECIMAL_DECIMALS),
                    frequencyWords(every).noun,
                  ),
                corrected: (format) => corrected(exact, format),
              }),
            ),
          ];
    }),
};

function corrected(percent: number, format: AnswerFormat): string {
  return WORDS.corrected(
    writePercent(percent, format, RATE_DECIMALS),
    writeFigure(percent / 100, format, DECIMAL_DECIMALS),
  );
}
