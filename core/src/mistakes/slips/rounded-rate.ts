import { frequencyOf } from "../../time/duration";
import {
  compoundingsOf,
  percentPerPeriod,
  requoted,
  streamsOf,
  withRate,
} from "../parts-of-problem";
import { percentWords, periodWords } from "../words";
import type { Mistake, Slip } from "../mistake";

/** Decimals, of the rate as a decimal, that people round to. */
const DECIMALS = [6, 5, 4, 3, 2];

/** The rate for one period is rounded before it is used. */
export const roundedRate: Mistake = {
  code: "rounded-rate",
  nextTime: "Keep the rate for one period with all its digits, and round only the answer.",
  slips: ({ problem }) => {
    const paid = [...new Set(streamsOf(problem).map(({ flow }) => flow.every))];
    return problem.rates.flatMap((rate, index) => {
      const { percent } = rate;
      if (typeof percent !== "number") return [];
      const own = "compounding" in rate ? [rate.compounding] : [];
      const periods = [...new Set(paid.length > 0 ? [...paid, ...own] : own)].filter(
        (every) => rate.quoted !== "periodic" || frequencyOf(every) !== compoundingsOf(rate),
      );
      return periods.flatMap((every) => {
        const exact = percentPerPeriod(rate, percent, every) / 100;
        const seen = new Set<number>();
        return DECIMALS.flatMap((decimals): Slip[] => {
          const rounded = Number(exact.toFixed(decimals));
          // A rate with no digits left, or with none lost, is no rounded one.
          if (rounded === 0 || seen.has(rounded) || Math.abs(rounded / exact - 1) < 1e-12)
            return [];
          seen.add(rounded);
          return [
            {
              done: () =>
                `the rate for ${periodWords(every)} was rounded to ${percentWords(rounded * 100)}`,
              corrected: () =>
                `It is ${percentWords(exact * 100)}, and every payment feels what is cut off.`,
              problem: withRate(
                problem,
                index,
                requoted(rate, { quoted: "periodic", compounding: every }, rounded * 100),
              ),
            },
          ];
        });
      });
    });
  },
};
