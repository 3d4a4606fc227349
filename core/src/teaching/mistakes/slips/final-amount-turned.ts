import { opposite, turnedRound } from "../../../engine/problem/turned-round";
import { singlesOf, withFlow, yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["final-amount-turned"];

/** The student entered the final amount in the wrong direction. */
export const finalAmountTurned: Mistake = {
  code: "final-amount-turned",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    problem.flows.length < 3 && problem.ask === undefined
      ? []
      : singlesOf(problem)
          .filter(({ flow }) => flow.amount !== null && yearsAt(problem, flow.at) !== 0)
          .map(({ index, flow }) => ({
            done: () => WORDS.done(nameOf(flow), opposite(flow.direction)),
            corrected: () => WORDS.corrected(flow.direction),
            problem: withFlow(problem, index, turnedRound(flow, "turns")),
          })),
};
