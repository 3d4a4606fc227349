import { singlesOf, withoutFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["final-amount-left-out"];

/** The student left out the final amount. */
export const finalAmountLeftOut: Mistake = {
  code: "final-amount-left-out",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    singlesOf(problem)
      .filter(({ flow }) => flow.amount !== null && flow.at !== null && yearsAt(flow.at) !== 0)
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
