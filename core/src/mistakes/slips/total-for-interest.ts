import type { Mistake } from "../mistake";
import { streamsOf } from "../parts-of-problem";

/** The total of all payments is given where one amount, or the interest, is asked. */
export const totalForInterest: Mistake = {
  code: "total-for-interest",
  nextTime: "A total counts every payment; ask whether the question wants that.",
  slips: (subject) => {
    if (subject.unit !== "money" || streamsOf(subject.problem).length === 0) return [];
    const { totalIn, totalOut, streams } = subject.solution.facts;
    const totals = [totalIn, totalOut, ...streams.map(({ total }) => total)];
    return [...new Set(totals)].flatMap((total) =>
      total === null
        ? []
        : [
            {
              done: () => "the total of the payments was given",
              corrected: () =>
                "The total adds up all payments without regard to time; it is another question.",
              figure: () => total,
            },
          ],
    );
  },
};
