import { frequencyOf } from "../../../engine/time/duration";
import { isoYears } from "../../../engine/time/moment";
import { listsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["first-flow-discounted"];

/** The student discounted the initial outlay, which is paid today, as if it came a period later. */
export const firstFlowDiscounted: Mistake = {
  code: "first-flow-discounted",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    listsOf(problem).flatMap(({ index, flow }): Slip[] => {
      const begins = yearsAt(problem, flow.begins);
      const [first, second, ...rest] = flow.amounts;
      if (begins === null || typeof first !== "number" || first === 0) return [];
      const later = isoYears(begins + 1 / frequencyOf(flow.every));
      const { corrected } = WORDS;
      return [
        {
          done: WORDS.doneAll,
          corrected,
          problem: withFlow(problem, index, { ...flow, begins: later }),
        },
        ...(typeof second === "number"
          ? [
              {
                done: WORDS.doneFirst,
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
