import { withRate } from "../parts-of-problem";
import { restatedSlips } from "./restated-rate";
import type { Mistake } from "../mistake";
import { percentWords, periodWords } from "../words";
import { formatFigure } from "../../wording/format-number";

/** A percentage is put in as if it were a decimal: 7.4 for 0.074. */
export const percentAsDecimal: Mistake = {
  code: "percent-as-decimal",
  nextTime: "Divide a percentage by 100 before it goes into a formula.",
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      return typeof percent !== "number" || Math.abs(percent) > 1000
        ? []
        : [
            {
              done: () => `${formatFigure(percent, 6)} was put in for ${percentWords(percent)}`,
              corrected: () =>
                `${percentWords(percent)} is ${formatFigure(percent / 100, 8)} as a decimal.`,
              problem: withRate(problem, index, { ...rate, percent: percent * 100 }),
            },
            ...restatedSlips(
              problem,
              index,
              { rate, percent },
              (exact) => exact * 100,
              (exact, every) => ({
                done: () =>
                  `${percentWords(exact)} for ${periodWords(every)} was put in as ${formatFigure(exact, 6)}`,
                corrected: () =>
                  `${percentWords(exact)} is ${formatFigure(exact / 100, 8)} as a decimal.`,
              }),
            ),
          ];
    }),
};
