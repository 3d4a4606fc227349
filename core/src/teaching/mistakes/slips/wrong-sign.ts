import { singlesOf, streamsOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["wrong-sign"];

/** The student gave an amount, or the answer, the wrong sign. */
export const wrongSign: Mistake = {
  code: "wrong-sign",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => [
    {
      done: WORDS.doneAnswer,
      corrected: WORDS.correctedAnswer,
      figure: (answer) => -answer,
    },
    ...(problem.flows.length < 3 && problem.ask === undefined
      ? []
      : [
          ...singlesOf(problem).filter(({ flow }) => yearsAt(problem, flow.at) === 0),
          ...streamsOf(problem),
        ]
          .filter(({ flow }) => flow.amount !== null)
          .map(({ index, flow }) => ({
            done: () => WORDS.done(nameOf(flow)),
            corrected: () => WORDS.corrected(flow.direction, flow.kind === "stream"),
            problem: withFlow(problem, index, {
              ...flow,
              direction: flow.direction === "in" ? ("out" as const) : ("in" as const),
            }),
          }))),
  ],
};
