import { streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** Payments that grow are reckoned as level ones. */
export const growthForgotten: Mistake = {
  code: "growth-forgotten",
  nextTime: "Write the first three payments down; where they differ, a level annuity will not do.",
  slips: ({ problem }) =>
    streamsOf(problem).flatMap(({ index, flow }) => {
      const { growth, ...level } = flow;
      if (growth === undefined || ("percent" in growth ? growth.percent : growth.amount) === null)
        return [];
      return [
        {
          done: () => `${nameOf(flow)} were taken as level`,
          corrected: () => "They grow from payment to payment, and each has a size of its own.",
          problem: withFlow(problem, index, level),
        },
      ];
    }),
};
