import { yearsAt } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { singleLeftOut } from "./single-left-out";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["starting-balance-left-out"];

/** The student left out the opening balance. */
export const startingBalanceLeftOut: Mistake = {
  code: "starting-balance-left-out",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    singleLeftOut(
      problem,
      (flow) => flow.amount !== null && yearsAt(problem, flow.at) === 0,
      WORDS,
    ),
};
