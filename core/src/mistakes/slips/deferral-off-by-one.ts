import { frequencyOf, isoYears } from "../../time/duration";
import { streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** Deferred payments are discounted for one period too few, or too many. */
export const deferralOffByOne: Mistake = {
  code: "deferral-off-by-one",
  nextTime:
    "An annuity's value stands one period before its first payment: count the periods to there.",
  slips: ({ problem }) =>
    streamsOf(problem).flatMap(({ index, flow }) => {
      const begins = yearsAt(flow.begins);
      if (begins === null || begins === 0) return [];
      const period = 1 / frequencyOf(flow.every);
      return [period, -period]
        .filter((shift) => begins + shift > -1e-9)
        .map((shift) => ({
          done: () => `${nameOf(flow)} were moved by one period too ${shift > 0 ? "many" : "few"}`,
          corrected: () =>
            `Their value stands where their first period begins${flow.timing === "start" ? ", at the first payment" : ", one period before the first payment"}.`,
          problem: withFlow(problem, index, {
            ...flow,
            begins: isoYears(Math.max(0, begins + shift)),
          }),
        }));
    }),
};
