import type { Mistake } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["interest-for-total"];

/** The student gave the interest instead of the whole amount. */
export const interestForTotal: Mistake = {
  code: "interest-for-total",
  nextTime: WORDS.nextTime,
  slips: (subject) => {
    if (subject.unit !== "money" || subject.unknown.kind === "value") return [];
    const { interest } = subject.solution.facts;
    return interest === undefined
      ? []
      : [
          {
            done: WORDS.done,
            corrected: WORDS.corrected,
            figure: () => interest,
          },
        ];
  },
};
