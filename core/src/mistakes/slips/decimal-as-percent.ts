import { withRate } from "../parts-of-problem";
import { restatedSlips } from "./restated-rate";
import type { Mistake } from "../mistake";
import { percentWords, periodWords } from "../words";
import { formatFigure } from "../../wording/format-number";

/** A decimal is taken for a percentage: 0.074 % for 7.4 %. */
export const decimalAsPercent: Mistake = {
  code: "decimal-as-percent",
  nextTime: "Divide a percentage by 100 once, and only once.",
  slips: ({ problem }) =>
    problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      return typeof percent !== "number"
        ? []
        : [
            {
              done: () =>
                `${formatFigure(percent / 100, 8)} was taken as a percentage where it is ${percentWords(percent)}`,
              corrected: () =>
                `The decimal ${formatFigure(percent / 100, 8)} is already divided by 100.`,
              problem: withRate(problem, index, { ...rate, percent: percent / 100 }),
            },
            ...restatedSlips(
              problem,
              index,
              { rate, percent },
              (exact) => exact / 100,
              (exact, every) => ({
                done: () =>
                  `${formatFigure(exact / 100, 8)} for ${periodWords(every)} was taken as a percentage`,
                corrected: () =>
                  `The decimal ${formatFigure(exact / 100, 8)} is already divided by 100.`,
              }),
            ),
          ];
    }),
};
