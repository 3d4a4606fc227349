import type { Problem, Rate } from "../../problem/schema";
import { percentPerPeriod, requoted, restatedPeriods, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
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
            ...restated(problem, rate, index, percent),
          ];
    }),
};

/** The same slip, made after the rate was restated for one payment. */
function restated(problem: Problem, rate: Rate, index: number, percent: number): Slip[] {
  return restatedPeriods(problem, rate).map((every) => {
    const exact = percentPerPeriod(rate, percent, every);
    return {
      done: () =>
        `${formatFigure(exact / 100, 8)} for ${periodWords(every)} was taken as a percentage`,
      corrected: () => `The decimal ${formatFigure(exact / 100, 8)} is already divided by 100.`,
      problem: withRate(
        problem,
        index,
        requoted(rate, { quoted: "periodic", compounding: every }, exact / 100),
      ),
      isRare: true,
    };
  });
}
