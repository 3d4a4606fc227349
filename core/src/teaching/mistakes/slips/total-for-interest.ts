import type { Mistake } from "../mistake";
import { streamsOf } from "../parts-of-problem";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["total-for-interest"];

/** The student gave the total of the payments instead of one amount or the interest. */
export const totalForInterest: Mistake = {
  code: "total-for-interest",
  nextTime: WORDS.nextTime,
  slips: (subject) => {
    if (subject.unit !== "money" || streamsOf(subject.problem).length === 0) return [];
    const { totalIn, totalOut, streams } = subject.solution.facts;
    const totals = [totalIn, totalOut, ...streams.map(({ total }) => total)];
    return [...new Set(totals)].flatMap((total) =>
      total === null
        ? []
        : [
            {
              done: WORDS.done,
              corrected: WORDS.corrected,
              figure: () => total,
            },
          ],
    );
  },
};
