import { streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["growth-forgotten"];

/** The student treated growing payments as level. */
export const growthForgotten: Mistake = {
  code: "growth-forgotten",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    streamsOf(problem).flatMap(({ index, flow }) => {
      const { growth, ...level } = flow;
      if (growth === undefined || ("percent" in growth ? growth.percent : growth.amount) === null)
        return [];
      return [
        {
          done: () => WORDS.done(nameOf(flow)),
          corrected: WORDS.corrected,
          problem: withFlow(problem, index, level),
        },
      ];
    }),
};
