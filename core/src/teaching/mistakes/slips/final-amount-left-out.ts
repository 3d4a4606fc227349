import { yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { singleLeftOut } from "./single-left-out";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["final-amount-left-out"];

/** The student left out the final amount. */
export const finalAmountLeftOut: Mistake = {
  code: "final-amount-left-out",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    singleLeftOut(
      problem,
      (flow) => flow.amount !== null && flow.at !== null && yearsAt(problem, flow.at) !== 0,
      WORDS,
    ),
};
