import { isBefore } from "../../../engine/numbers/compare";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip } from "../mistake";
import { datedSingles, movedTo, onlyStreamOf, withOwnDates } from "../parts-at-dates";
import { streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import { nameOf } from "../words";

const IGNORED = MISTAKE_WORDS["deferral-ignored"];

/** The student let the deferred payments begin at once. */
export const deferralIgnored: Mistake = {
  code: "deferral-ignored",
  nextTime: IGNORED.nextTime,
  slips: ({ problem }) =>
    streamsOf(problem).flatMap(({ index, flow }): Slip[] => {
      const begins = yearsAt(problem, flow.begins);
      if (begins === null || begins <= 0) return [];
      return [
        {
          done: () => IGNORED.done(nameOf(flow)),
          corrected: IGNORED.corrected,
          problem: withFlow(withOwnDates(problem), index, { ...flow, begins: "P0D" }),
        },
      ];
    }),
};

const NO_INTEREST = MISTAKE_WORDS["deferral-without-interest"];

/** The student left out the interest while nothing is paid. */
export const deferralWithoutInterest: Mistake = {
  code: "deferral-without-interest",
  isWhole: true,
  nextTime: NO_INTEREST.nextTime,
  slips: ({ problem }) => {
    const only = onlyStreamOf(problem);
    if (only === null) return [];
    const { begins, ends } = only;
    const own = withOwnDates(problem);
    return datedSingles(problem).flatMap((single): Slip[] => {
      const isBeforeAll = isBefore(single.at, begins);
      if (!isBeforeAll && !isBefore(ends, single.at)) return [];
      return [
        {
          done: () => NO_INTEREST.done(isBeforeAll),
          corrected: NO_INTEREST.corrected,
          problem: movedTo(own, single, isBeforeAll ? begins : ends),
        },
      ];
    });
  },
};
