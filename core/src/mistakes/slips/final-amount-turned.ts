import { singlesOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** The final amount is counted on the wrong side. */
export const finalAmountTurned: Mistake = {
  code: "final-amount-turned",
  nextTime:
    "Ask of each amount whether it comes to you or leaves you, and draw it above or below the line.",
  slips: ({ problem }) =>
    problem.flows.length < 3 && problem.ask === undefined
      ? []
      : singlesOf(problem)
          .filter(({ flow }) => flow.amount !== null && yearsAt(flow.at) !== 0)
          .map(({ index, flow }) => ({
            done: () =>
              `${nameOf(flow)} was counted as money ${flow.direction === "in" ? "out" : "in"}`,
            corrected: () => `It is money ${flow.direction}: on the other side of the equation.`,
            problem: withFlow(problem, index, {
              ...flow,
              direction: flow.direction === "in" ? "out" : "in",
            }),
          })),
};
