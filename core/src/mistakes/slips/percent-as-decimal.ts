import type { Problem, Rate } from "../../problem/schema";
import { percentPerPeriod, requoted, restatedPeriods, withRate } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
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
        `${percentWords(exact)} for ${periodWords(every)} was put in as ${formatFigure(exact, 6)}`,
      corrected: () => `${percentWords(exact)} is ${formatFigure(exact / 100, 8)} as a decimal.`,
      problem: withRate(
        problem,
        index,
        requoted(rate, { quoted: "periodic", compounding: every }, exact * 100),
      ),
      isRare: true,
    };
  });
}
