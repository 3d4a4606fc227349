import { frequencyOf } from "../../../engine/time/duration";
import {
  compoundingsOf,
  percentPerPeriod,
  requoted,
  streamsOf,
  withRate,
} from "../parts-of-problem";
import { RATE_DECIMALS } from "../words";
import type { Mistake, Slip } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writePercent } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { PART_BETWEEN, isClose } from "../../../engine/numbers/compare";

/** The decimals that students round a rate to, written as a decimal. */
const DECIMALS = [6, 5, 4, 3, 2];

const WORDS = MISTAKE_WORDS["rounded-rate"];

/** The student rounded the periodic rate before using it. */
export const roundedRate: Mistake = {
  code: "rounded-rate",
  nextTime: WORDS.nextTime,
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
          // A rate with no digits left, or with none lost, is not a rounded rate.
          if (rounded === 0 || seen.has(rounded) || isClose(rounded, exact, PART_BETWEEN.engine))
            return [];
          seen.add(rounded);
          return [
            {
              done: (format) =>
                WORDS.done(
                  frequencyWords(every).noun,
                  writePercent(rounded * 100, format, RATE_DECIMALS),
                ),
              corrected: (format) =>
                WORDS.corrected(writePercent(exact * 100, format, RATE_DECIMALS)),
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
