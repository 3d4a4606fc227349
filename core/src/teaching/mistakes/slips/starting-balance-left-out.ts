import { singlesOf, withoutFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["starting-balance-left-out"];

/** The student left out the opening balance. */
export const startingBalanceLeftOut: Mistake = {
  code: "starting-balance-left-out",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    singlesOf(problem)
      .filter(({ flow }) => flow.amount !== null && yearsAt(flow.at) === 0)
      .flatMap(({ index, flow }) => {
        const without = withoutFlow(problem, index);
        return without === null
          ? []
          : [
              {
                done: () => WORDS.done(nameOf(flow)),
                corrected: WORDS.corrected,
                problem: without,
              },
            ];
      }),
};
