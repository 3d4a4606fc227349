import type { Problem } from "../../../engine/problem/schema";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import {
  datedSingles,
  isDebts,
  movedTo,
  onlyStreamOf,
  singlesAt,
  withOwnDates,
} from "../parts-at-dates";
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

/** Debts and what replaces them: the date of the unknown amount is where all of them meet. */
function debtsOf({ problem, unknown, asked }: Subject) {
  if (!isDebts(problem) || asked !== null || unknown.kind !== "amount") return null;
  const singles = datedSingles(problem);
  const own = singles.find(({ index }) => index === unknown.field.line);
  if (own === undefined || singles.length !== problem.flows.length) return null;
  return { focal: own.at, debts: singles.filter((single) => single !== own) };
}

const NOT_MOVED = MISTAKE_WORDS["debts-not-moved"];

/** The student added the amounts without moving them in time. */
export const debtsNotMoved: Mistake = {
  code: "debts-not-moved",
  isWhole: true,
  nextTime: NOT_MOVED.nextTime,
  slips: (subject) => {
    const found = debtsOf(subject);
    if (found === null) return [];
    const { focal, debts } = found;
    return [
      {
        done: NOT_MOVED.done,
        corrected: NOT_MOVED.corrected,
        problem: debts.reduce((whole, debt) => movedTo(whole, debt, focal), subject.problem),
      },
    ];
  },
};

const DISCOUNTED = MISTAKE_WORDS["all-debts-discounted"];

/** The student discounted every amount, also those due before the focal date. */
export const allDebtsDiscounted: Mistake = {
  code: "all-debts-discounted",
  isWhole: true,
  nextTime: DISCOUNTED.nextTime,
  slips: (subject) => {
    const found = debtsOf(subject);
    if (found === null) return [];
    const { focal, debts } = found;
    return [
      {
        done: DISCOUNTED.done,
        corrected: DISCOUNTED.corrected,
        problem: debts.reduce(
          (whole, debt) => movedTo(whole, debt, focal + Math.abs(debt.at - focal)),
          subject.problem,
        ),
      },
    ];
  },
};

const ONE = MISTAKE_WORDS["one-debt-wrong-way"];

/** The student moved one amount in the wrong direction. */
export const oneDebtWrongWay: Mistake = {
  code: "one-debt-wrong-way",
  isWhole: true,
  nextTime: ONE.nextTime,
  slips: (subject) => {
    const found = debtsOf(subject);
    if (found === null) return [];
    const { focal, debts } = found;
    return debts.map((debt) => ({
      done: () => ONE.done(nameOf(debt.flow), debt.at < focal),
      corrected: () => ONE.corrected(debt.at < focal),
      problem: movedTo(subject.problem, debt, 2 * focal - debt.at),
    }));
  },
};
