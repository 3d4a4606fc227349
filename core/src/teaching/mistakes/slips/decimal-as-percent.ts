import { withRate } from "../parts-of-problem";
import { restatedSlips } from "./restated-rate";
import type { Mistake } from "../mistake";
import { DECIMAL_DECIMALS, RATE_DECIMALS } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure, writePercent, type AnswerFormat } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";

const WORDS = MISTAKE_WORDS["decimal-as-percent"];

/** The student used a decimal as a percentage: 0.074% for 7.4%. */
export const decimalAsPercent: Mistake = {
  code: "decimal-as-percent",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      return typeof percent !== "number"
        ? []
        : [
            {
              done: (format) =>
                WORDS.done(
                  writePercent(percent / 100, format, DECIMAL_DECIMALS),
                  writePercent(percent, format, RATE_DECIMALS),
                ),
              corrected: (format) => corrected(percent, format),
              problem: withRate(problem, index, { ...rate, percent: percent / 100 }),
            },
            ...restatedSlips(
              problem,
              index,
              { rate, percent },
              (exact) => exact / 100,
              (exact, every) => ({
                done: (format) =>
                  WORDS.donePeriodic(
                    writePercent(exact / 100, format, DECIMAL_DECIMALS),
                    writePercent(exact, format, RATE_DECIMALS),
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
    writeFigure(percent / 100, format, DECIMAL_DECIMALS),
    writePercent(percent, format, RATE_DECIMALS),
  );
}
