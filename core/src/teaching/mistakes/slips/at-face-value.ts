import type { Problem } from "../../../engine/problem/schema";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip } from "../mistake";
import { movedTo, onlyStreamOf, singlesAt, withOwnDates } from "../parts-at-dates";
import { nameOf } from "../words";

const FINAL = MISTAKE_WORDS["balloon-not-discounted"];

/** The student took the final amount at face value. */
export const balloonNotDiscounted: Mistake = {
  code: "balloon-not-discounted",
  nextTime: FINAL.nextTime,
  slips: ({ problem }) => beside(problem, "end", FINAL),
};

const OPENING = MISTAKE_WORDS["starting-balance-not-accumulated"];

/** The student took the opening balance at face value. */
export const startingBalanceNotAccumulated: Mistake = {
  code: "starting-balance-not-accumulated",
  isWhole: true,
  nextTime: OPENING.nextTime,
  slips: ({ problem }) => beside(problem, "begin", OPENING),
};

interface FaceValueWords {
  readonly done: (name: string) => string;
  readonly corrected: () => string;
}

/** An amount on the side of the payments, at one end of them, as if it were at the other. */
function beside(problem: Problem, end: "begin" | "end", words: FaceValueWords): Slip[] {
  const only = onlyStreamOf(problem);
  // An unknown number of payments has no date of its end, but what waits for it is the final amount.
  if (only === null) return end === "end" ? whereEndIsUnknown(problem, words) : [];
  const { begins, ends, flow: stream } = only;
  const [from, to] = end === "end" ? [ends, begins] : [begins, ends];
  const own = withOwnDates(problem);
  return singlesAt(problem, from)
    .filter(({ flow }) => flow.direction === stream.direction && flow.amount !== null)
    .map((single) => ({
      done: () => words.done(nameOf(single.flow)),
      corrected: words.corrected,
      problem: movedTo(own, single, to),
    }));
}

function whereEndIsUnknown(problem: Problem, words: FaceValueWords): Slip[] {
  return problem.flows.flatMap((flow, index): Slip[] => {
    if (flow.kind !== "single" || typeof flow.at !== "object" || flow.at === null) return [];
    return [
      {
        done: () => words.done(nameOf(flow)),
        corrected: words.corrected,
        problem: movedTo(problem, { index, flow, at: 0 }, 0),
      },
    ];
  });
}
