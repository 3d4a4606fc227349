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
    // What is the same number as a total of payments is told as that.
    const totals = new Map<number | null, string>([
      [totalIn, "the money in"],
      [totalOut, "the money out"],
      ...streams.map(({ total }) => [total, "the payments"] as const),
    ]);
    return [...totals].flatMap(([total, what]) =>
      total === null
        ? []
        : [
            {
              done: () => WORDS.done(what),
              corrected: WORDS.corrected,
              figure: () => total,
            },
          ],
    );
  },
};
