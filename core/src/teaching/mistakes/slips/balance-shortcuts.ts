import { wholeUpTo } from "../../../engine/numbers/compare";
import type { FollowUp } from "../../../engine/problem/schema";
import { growthFactor } from "../../../engine/rates/accumulation";
import { frequencyOf } from "../../../engine/time/duration";
import { isoYears } from "../../../engine/time/moment";
import { writeFigure } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import { onlyStreamOf, singlesAt } from "../parts-at-dates";
import { yearsAt } from "../parts-of-problem";

/** A loan and its equal payments, as their figures are found. */
export interface PaidLoan {
  readonly loan: number;
  readonly payment: number;
  readonly count: number;
  readonly perYear: number;
  readonly begins: number;
  /** What is paid in the end beside the payments. */
  readonly final: number;
  /** How many payments have been made by a date, in years. */
  readonly madeBy: (years: number) => number;
}

export function paidLoanOf({ problem, solution }: Subject): PaidLoan | null {
  const only = onlyStreamOf(problem);
  if (only === null || only.flow.growth !== undefined) return null;
  const { begins, ends, count, flow } = only;
  const [start] = singlesAt(problem, begins);
  if (start === undefined || start.flow.direction === flow.direction) return null;
  const sizeOf = (index: number) => {
    const settled = solution.settled.flows[index];
    return settled !== undefined && "amount" in settled ? Math.abs(settled.amount) : Number.NaN;
  };
  const perYear = frequencyOf(flow.every);
  const first = flow.timing === "end" ? 0 : 1;
  return {
    ...{ loan: sizeOf(start.index), payment: sizeOf(only.index), count, perYear, begins },
    final: singlesAt(problem, ends).reduce((total, { index }) => total + sizeOf(index), 0),
    madeBy: (years) => Math.max(0, Math.min(count, wholeUpTo((years - begins) * perYear) + first)),
  };
}

/** A balance that is asked for: its loan, its date in years and the payments that have been made by then. */
function balanceAsked(subject: Subject) {
  const { asked, problem } = subject;
  if (asked?.question.find !== "balance") return null;
  const { question, place } = asked;
  const at = yearsAt(problem, question.at);
  const loan = at === null ? null : paidLoanOf(subject);
  return at === null || loan === null ? null : { ...loan, at, made: loan.madeBy(at), place };
}

/** The same problem with another question in the place of one of its further ones. */
function askedInstead({ problem }: Subject, place: number, question: FollowUp): Subject["problem"] {
  return { ...problem, also: (problem.also ?? []).with(place, question) };
}

function onePaymentOff(code: "balance-one-payment-more" | "balance-one-payment-less", by: 1 | -1) {
  const words = MISTAKE_WORDS[code];
  return {
    code,
    nextTime: words.nextTime,
    isWhole: true as const,
    slips: (subject: Subject): Slip[] => {
      const asked = balanceAsked(subject);
      if (asked === null) return [];
      const { made, at, perYear, place } = asked;
      const other = { find: "balance", at: isoYears(at + by / perYear) } as const;
      return [
        {
          done: (format) => words.done(writeFigure(made + by, format), writeFigure(made, format)),
          corrected: (format) => words.corrected(writeFigure(made, format)),
          problem: askedInstead(subject, place, other),
        },
      ];
    },
  };
}

/** The student took one payment too many as made. */
export const balanceOnePaymentMore: Mistake = onePaymentOff("balance-one-payment-more", 1);

/** The student took one payment too few as made. */
export const balanceOnePaymentLess: Mistake = onePaymentOff("balance-one-payment-less", -1);

const STRAIGHT = MISTAKE_WORDS["balance-straight-line"];

/** The student let the loan fall in a straight line. */
export const balanceStraightLine: Mistake = {
  code: "balance-straight-line",
  isWhole: true,
  nextTime: STRAIGHT.nextTime,
  slips: (subject) => {
    const asked = balanceAsked(subject);
    if (asked === null) return [];
    const { loan, count, made } = asked;
    return [
      {
        done: (format) =>
          STRAIGHT.done(writeFigure(count - made, format), writeFigure(count, format)),
        corrected: STRAIGHT.corrected,
        figure: () => loan * (1 - made / count),
      },
    ];
  },
};

const LEFT = MISTAKE_WORDS["balance-sum-of-payments"];

/** The student added up the payments still to come. */
export const balanceSumOfPayments: Mistake = {
  code: "balance-sum-of-payments",
  isWhole: true,
  nextTime: LEFT.nextTime,
  slips: (subject) => {
    const asked = balanceAsked(subject);
    if (asked === null) return [];
    const { payment, count, made } = asked;
    return [
      {
        done: (format) => LEFT.done(writeFigure(count - made, format)),
        corrected: LEFT.corrected,
        figure: () => payment * (count - made),
      },
    ];
  },
};

const FACE_VALUE = MISTAKE_WORDS["balance-payments-not-accumulated"];

/** The student accumulated the loan, and took the payments off at face value. */
export const balancePaymentsNotAccumulated: Mistake = {
  code: "balance-payments-not-accumulated",
  isWhole: true,
  nextTime: FACE_VALUE.nextTime,
  slips: (subject) => {
    const asked = balanceAsked(subject);
    if (asked === null) return [];
    const { loan, payment, made, begins, at } = asked;
    const { growth } = subject.solution.account;
    return [
      {
        done: (format) => FACE_VALUE.done(writeFigure(made, format)),
        corrected: FACE_VALUE.corrected,
        figure: () => loan * growthFactor(growth, begins, at) - made * payment,
      },
    ];
  },
};
