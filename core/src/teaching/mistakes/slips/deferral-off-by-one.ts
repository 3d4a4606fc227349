import { frequencyOf } from "../../../engine/time/duration";
import { isoYears } from "../../../engine/time/moment";
import { streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { isUpTo } from "../../../engine/numbers/compare";

const WORDS = MISTAKE_WORDS["deferral-off-by-one"];

/** The student discounted deferred payments by one period too few or too many. */
export const deferralOffByOne: Mistake = {
  code: "deferral-off-by-one",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    streamsOf(problem).flatMap(({ index, flow }) => {
      const begins = yearsAt(problem, flow.begins);
      if (begins === null || begins === 0) return [];
      const period = 1 / frequencyOf(flow.every);
      return [period, -period]
        .filter((shift) => isUpTo(0, begins + shift))
        .map((shift) => ({
          done: () => WORDS.done(nameOf(flow), shift > 0),
          corrected: () => WORDS.corrected(flow.timing),
          problem: withFlow(problem, index, {
            ...flow,
            begins: isoYears(Math.max(0, begins + shift)),
          }),
        }));
    }),
};
