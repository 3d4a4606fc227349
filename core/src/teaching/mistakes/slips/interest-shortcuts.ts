import { logGrowth } from "../../../engine/rates/accumulation";
import { writeFigure, writePercent } from "../../../wording/answer-format";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Slip, Subject } from "../mistake";
import { paidLoanOf } from "../paid-loan";
import { toldPerYear, yearsAt } from "../parts-of-problem";
import { wholeMistake } from "../whole-mistake";
import { RATE_DECIMALS } from "../words";

/** Interest of a span that is asked for: the loan, and what is paid in that span. */
function interestAsked(subject: Subject) {
  const { asked, problem } = subject;
  if (asked?.question.find !== "interest") return null;
  const from = yearsAt(problem, asked.question.from);
  const to = yearsAt(problem, asked.question.to);
  const loan = paidLoanOf(subject);
  if (from === null || to === null || loan === null) return null;
  const payments = loan.madeBy(to) - loan.madeBy(from);
  return { ...loan, from, payments, paid: payments * loan.payment };
}

const HALF = MISTAKE_WORDS["interest-half-of-payments"];

/** The student took half of the payments as interest. */
export const interestHalfOfPayments = wholeMistake(
  "interest-half-of-payments",
  interestAsked,
  ({ paid }) => [{ done: HALF.done, corrected: HALF.corrected, figure: () => paid / 2 }],
);

const TIMES_RATE = MISTAKE_WORDS["interest-payments-times-rate"];

/** The student multiplied the payments by a rate. */
export const interestPaymentsTimesRate = wholeMistake(
  "interest-payments-times-rate",
  interestAsked,
  ({ paid, from, perYear }, { problem, solution }) => {
    const [rate] = problem.rates;
    if (typeof rate?.percent !== "number") return [];
    const { growth } = solution.account;
    const perPayment = Math.expm1(logGrowth(growth, from, from + 1 / perYear)) * 100;
    return [rate.percent * toldPerYear(rate), perPayment].map((percent): Slip => ({
      done: (format) => TIMES_RATE.done(writePercent(percent, format, RATE_DECIMALS)),
      corrected: TIMES_RATE.corrected,
      figure: () => (paid * percent) / 100,
    }));
  },
);

const AVERAGE = MISTAKE_WORDS["interest-whole-life-average"];

/** The student spread the interest of the whole loan evenly over the payments. */
export const interestWholeLifeAverage = wholeMistake(
  "interest-whole-life-average",
  interestAsked,
  ({ loan, payment, count, final, payments }) => [
    {
      done: (format) => AVERAGE.done(writeFigure(count, format)),
      corrected: AVERAGE.corrected,
      figure: () => ((count * payment + final - loan) / count) * payments,
    },
  ],
);
