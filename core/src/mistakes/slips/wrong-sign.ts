import { singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** A sign is lost: of an amount on the way, or of the answer. */
export const wrongSign: Mistake = {
  code: "wrong-sign",
  nextTime: "Say of each amount in words who gives it to whom; the sign follows from that.",
  slips: ({ problem }) => [
    {
      done: () => "the sign of the answer was turned",
      corrected: () => "The size is right; only the direction is not.",
      figure: (answer) => -answer,
    },
    ...(problem.flows.length < 3 && problem.ask === undefined
      ? []
      : [...singlesOf(problem).filter(({ flow }) => yearsAt(flow.at) === 0), ...streamsOf(problem)]
          .filter(({ flow }) => flow.amount !== null)
          .map(({ index, flow }) => ({
            done: () => `${nameOf(flow)} had the wrong sign`,
            corrected: () => `This is money ${flow.direction}.`,
            problem: withFlow(problem, index, {
              ...flow,
              direction: flow.direction === "in" ? ("out" as const) : ("in" as const),
            }),
          }))),
  ],
};
