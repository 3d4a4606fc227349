import type { Problem } from "../../../engine/problem/schema";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import { datedSingles, isDebts, movedTo, type DatedSingle } from "../parts-at-dates";
import { wholeMistake } from "../whole-mistake";
import { nameOf } from "../words";

/** Debts and what replaces them: the date of the unknown amount is where all of them meet. */
function debtsOf({ problem, unknown, asked }: Subject) {
  if (!isDebts(problem) || asked !== null || unknown.kind !== "amount") return null;
  const singles = datedSingles(problem);
  const own = singles.find(({ index }) => index === unknown.field.line);
  if (own === undefined || singles.length !== problem.flows.length) return null;
  return { focal: own.at, debts: singles.filter((single) => single !== own) };
}

/** A mistake that is made on all debts alike. @param dateOf where a debt is then, in years */
function onAllDebts(
  code: "debts-not-moved" | "all-debts-discounted",
  dateOf: (at: number, focal: number) => number,
): Mistake {
  const words = MISTAKE_WORDS[code];
  return wholeMistake(code, debtsOf, ({ focal, debts }, { problem }) => {
    const moved = (whole: Problem, debt: DatedSingle) =>
      movedTo(whole, debt, dateOf(debt.at, focal));
    return [
      { done: words.done, corrected: words.corrected, problem: debts.reduce(moved, problem) },
    ];
  });
}

/** The student added the amounts without moving them in time. */
export const debtsNotMoved = onAllDebts("debts-not-moved", (_, focal) => focal);

/** The student discounted every amount, also those due before the focal date. */
export const allDebtsDiscounted = onAllDebts(
  "all-debts-discounted",
  (at, focal) => focal + Math.abs(at - focal),
);

const ONE = MISTAKE_WORDS["one-debt-wrong-way"];

/** The student moved one amount in the wrong direction. */
export const oneDebtWrongWay = wholeMistake(
  "one-debt-wrong-way",
  debtsOf,
  ({ focal, debts }, { problem }) =>
    debts.map((debt): Slip => {
      const isEarly = debt.at < focal;
      return {
        done: () => ONE.done(nameOf(debt.flow), isEarly),
        corrected: () => ONE.corrected(isEarly),
        problem: movedTo(problem, debt, 2 * focal - debt.at),
      };
    }),
);
