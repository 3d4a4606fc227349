import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { shiftedGrowth } from "./growth-shift";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["growth-early"];

/** The student applied growth to the first payment. */
export const growthEarly: Mistake = {
  code: "growth-early",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) =>
    shiftedGrowth(problem, 1, (flow) => ({
      done: () => WORDS.done(nameOf(flow)),
      corrected: WORDS.corrected,
    })),
};
