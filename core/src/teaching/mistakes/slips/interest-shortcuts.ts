import { logGrowth } from "../../../engine/rates/accumulation";
import { writeFigure, writePercent } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Mistake, Slip, Subject } from "../mistake";
import { compoundingsOf, yearsAt } from "../parts-of-problem";
import { RATE_DECIMALS } from "../words";
import { paidLoanOf } from "./balance-shortcuts";

/** Interest of a span that is asked for: the loan, and what is paid in that span. */
function interestAsked(subject: Subject) {
  const { asked, problem } = subject;
  if (asked?.question.find !== "interest") return null;
  const [from, to] = [asked.question.from, asked.question.to].map((at) => yearsAt(problem, at));
  const loan = paidLoanOf(subject);
  if (typeof from !== "number" || typeof to !== "number" || loan === null) return null;
  const payments = loan.madeBy(to) - loan.madeBy(from);
  return { ...loan, from, payments, paid: payments * loan.payment };
}

const HALF = MISTAKE_WORDS["interest-half-of-payments"];

/** The student took half of the payments as interest. */
export const interestHalfOfPayments: Mistake = {
  code: "interest-half-of-payments",
  isWhole: true,
  nextTime: HALF.nextTime,
  slips: (subject) => {
    const asked = interestAsked(subject);
    if (asked === null) return [];
    return [{ done: HALF.done, corrected: HALF.corrected, figure: () => asked.paid / 2 }];
  },
};

const TIMES_RATE = MISTAKE_WORDS["interest-payments-times-rate"];

/** The student multiplied the payments by a rate. */
export const interestPaymentsTimesRate: Mistake = {
  code: "interest-payments-times-rate",
  isWhole: true,
  nextTime: TIMES_RATE.nextTime,
  slips: (subject) => {
    const asked = interestAsked(subject);
    const [rate] = subject.problem.rates;
    if (asked === null || typeof rate?.percent !== "number") return [];
    const { paid, from, perYear } = asked;
    const { growth } = subject.solution.account;
    const perPayment = Math.expm1(logGrowth(growth, from, from + 1 / perYear)) * 100;
    const yearly = rate.percent * (rate.quoted === "periodic" ? (compoundingsOf(rate) ?? 1) : 1);
    return [yearly, perPayment].map((percent): Slip => ({
      done: (format) => TIMES_RATE.done(writePercent(percent, format, RATE_DECIMALS)),
      corrected: TIMES_RATE.corrected,
      figure: () => (paid * percent) / 100,
    }));
  },
};

const AVERAGE = MISTAKE_WORDS["interest-whole-life-average"];

/** The student spread the interest of the whole loan evenly over the payments. */
export const interestWholeLifeAverage: Mistake = {
  code: "interest-whole-life-average",
  isWhole: true,
  nextTime: AVERAGE.nextTime,
  slips: (subject) => {
    const asked = interestAsked(subject);
    if (asked === null) return [];
    const { loan, payment, count, final, payments } = asked;
    return [
      {
        done: (format) => AVERAGE.done(writeFigure(count, format)),
        corrected: AVERAGE.corrected,
        figure: () => ((count * payment + final - loan) / count) * payments,
      },
    ];
  },
};
