import { frequencyOf, isoYears } from "../../time/duration";
import { listsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";

/** The first outlay, which is paid today, is discounted as if it came a period later. */
export const firstFlowDiscounted: Mistake = {
  code: "first-flow-discounted",
  nextTime: "The first amount is at time 0: its factor is 1.",
  slips: ({ problem }) =>
    listsOf(problem).flatMap(({ index, flow }): Slip[] => {
      const begins = yearsAt(flow.begins);
      const [first, second, ...rest] = flow.amounts;
      if (begins === null || typeof first !== "number" || first === 0) return [];
      const later = isoYears(begins + 1 / frequencyOf(flow.every));
      const corrected = () => "The first amount is paid today and is not discounted.";
      return [
        {
          done: () => "every amount was discounted for one period more, the first one too",
          corrected,
          problem: withFlow(problem, index, { ...flow, begins: later }),
        },
        ...(typeof second === "number"
          ? [
              {
                done: () => "the first amount was discounted for one period",
                corrected,
                problem: withFlow(problem, index, {
                  ...flow,
                  amounts: [0, first + second, ...rest],
                }),
              },
            ]
          : []),
      ];
    }),
};
