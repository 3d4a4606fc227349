import { singlesOf, withoutFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** The final amount is forgotten. */
export const finalAmountLeftOut: Mistake = {
  code: "final-amount-left-out",
  nextTime: "Tick off every amount of the question on the timeline before you write the equation.",
  slips: ({ problem }) =>
    singlesOf(problem)
      .filter(({ flow }) => flow.amount !== null && flow.at !== null && yearsAt(flow.at) !== 0)
      .flatMap(({ index, flow }) => {
        const without = withoutFlow(problem, index);
        return without === null
          ? []
          : [
              {
                done: () => `${nameOf(flow)} was left out`,
                corrected: () =>
                  "It belongs into the equation, moved to the date at which everything is valued.",
                problem: without,
              },
            ];
      }),
};
