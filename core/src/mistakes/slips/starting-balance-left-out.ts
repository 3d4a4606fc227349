import { singlesOf, withoutFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** What is there at the start is forgotten. */
export const startingBalanceLeftOut: Mistake = {
  code: "starting-balance-left-out",
  nextTime: "Begin the timeline with what is already there today.",
  slips: ({ problem }) =>
    singlesOf(problem)
      .filter(({ flow }) => flow.amount !== null && yearsAt(flow.at) === 0)
      .flatMap(({ index, flow }) => {
        const without = withoutFlow(problem, index);
        return without === null
          ? []
          : [
              {
                done: () => `${nameOf(flow)} at the start was left out`,
                corrected: () => "It is there from today on, and earns for the whole time.",
                problem: without,
              },
            ];
      }),
};
