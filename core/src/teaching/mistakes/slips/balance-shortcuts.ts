import { growthFactor } from "../../../engine/rates/accumulation";
import { isoYears } from "../../../engine/time/moment";
import { writeFigure } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Subject } from "../mistake";
import { paidLoanOf } from "../paid-loan";
import { yearsAt } from "../parts-of-problem";
import { wholeMistake } from "../whole-mistake";

/** A balance that is asked for: its loan, its date in years and the payments that have been made by then. */
function balanceAsked(subject: Subject) {
  const { asked, problem } = subject;
  if (asked?.question.find !== "balance") return null;
  const at = yearsAt(problem, asked.question.at);
  const loan = at === null ? null : paidLoanOf(subject);
  return at === null || loan === null
    ? null
    : { ...loan, at, made: loan.madeBy(at), place: asked.place };
}

function onePaymentOff(code: "balance-one-payment-more" | "balance-one-payment-less", by: 1 | -1) {
  const words = MISTAKE_WORDS[code];
  return wholeMistake(code, balanceAsked, ({ made, at, perYear, place }, { problem }) => {
    const other = { find: "balance", at: isoYears(at + by / perYear) } as const;
    return [
      {
        done: (format) => words.done(writeFigure(made + by, format), writeFigure(made, format)),
        corrected: (format) => words.corrected(writeFigure(made, format)),
        problem: { ...problem, also: (problem.also ?? []).with(place, other) },
      },
    ];
  });
}

/** The student took one payment too many as made. */
export const balanceOnePaymentMore = onePaymentOff("balance-one-payment-more", 1);

/** The student took one payment too few as made. */
export const balanceOnePaymentLess = onePaymentOff("balance-one-payment-less", -1);

const STRAIGHT = MISTAKE_WORDS["balance-straight-line"];

/** The student let the loan fall in a straight line. */
export const balanceStraightLine = wholeMistake(
  "balance-straight-line",
  balanceAsked,
  ({ loan, count, made }) => [
    {
      done: (format) =>
        STRAIGHT.done(writeFigure(count - made, format), writeFigure(count, format)),
      corrected: STRAIGHT.corrected,
      figure: () => loan * (1 - made / count),
    },
  ],
);

const LEFT = MISTAKE_WORDS["balance-sum-of-payments"];

/** The student added up the payments still to come. */
export const balanceSumOfPayments = wholeMistake(
  "balance-sum-of-payments",
  balanceAsked,
  ({ payment, count, made }) => [
    {
      done: (format) => LEFT.done(writeFigure(count - made, format)),
      corrected: LEFT.corrected,
      figure: () => payment * (count - made),
    },
  ],
);

const FACE_VALUE = MISTAKE_WORDS["balance-payments-not-accumulated"];

/** The student accumulated the loan, and took the payments off at face value. */
export const balancePaymentsNotAccumulated = wholeMistake(
  "balance-payments-not-accumulated",
  balanceAsked,
  ({ loan, payment, made, begins, at }, { solution }) => [
    {
      done: (format) => FACE_VALUE.done(writeFigure(made, format)),
      corrected: FACE_VALUE.corrected,
      figure: () => loan * growthFactor(solution.account.growth, begins, at) - made * payment,
    },
  ],
);
