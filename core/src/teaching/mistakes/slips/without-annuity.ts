import { sum } from "../../../engine/numbers/sum";
import type { Problem, Rate } from "../../../engine/problem/schema";
import { solve } from "../../../engine/solve/solve";
import { frequencyOf } from "../../../engine/time/duration";
import { writeFigure, writeMoney } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Subject } from "../mistake";
import { datedSingles, onlyStreamOf, singlesAt, sizeOf, type OnlyStream } from "../parts-at-dates";
import { requoted, toldPerYear, withFlow, withRate } from "../parts-of-problem";
import { wholeMistake } from "../whole-mistake";

/** A level payment that is asked for, against single amounts at one rate. */
interface PaymentAsked extends OnlyStream {
  readonly problem: Problem;
  readonly rate: Rate;
  readonly percent: number;
  /** What the single amounts come to without any interest, zero or more. */
  readonly net: number;
}

function paymentAsked({ problem, unknown, asked, solution }: Subject): PaymentAsked | null {
  const only = onlyStreamOf(problem);
  const [rate, ...others] = problem.rates;
  if (only === null || asked !== null || rate === undefined || others.length > 0) return null;
  const { percent } = rate;
  const isAsked = unknown.field.on === "flow" && unknown.field.line === only.index;
  if (!isAsked || unknown.kind !== "amount" || only.flow.growth !== undefined) return null;
  if (typeof percent !== "number") return null;
  if (datedSingles(problem).length !== problem.flows.length - 1) return null;
  const net = sum(
    solution.settled.flows.flatMap((flow) => (flow.kind === "single" ? [flow.amount] : [])),
  );
  return { ...only, problem, rate, percent, net: Math.abs(net) };
}

const DIVIDED = MISTAKE_WORDS["total-divided-by-count"];

/** The student divided the amount by the number of payments. */
export const totalDividedByCount = wholeMistake("total-divided-by-count", paymentAsked, (asked) => {
  return [
    {
      done: (format) =>
        DIVIDED.done(writeMoney(asked.net, format), writeFigure(asked.count, format)),
      corrected: DIVIDED.corrected,
      figure: () => asked.net / asked.count,
    },
  ];
});

const FIRST = MISTAKE_WORDS["interest-of-first-period"];

/** The student multiplied the loan by the periodic rate, and took that for the payment. */
export const interestOfFirstPeriod = wholeMistake(
  "interest-of-first-period",
  paymentAsked,
  (asked, { solution }) => {
    const [loan] = singlesAt(asked.problem, asked.begins);
    const [spell] = solution.settled.spells;
    if (loan === undefined || loan.flow.direction === asked.flow.direction) return [];
    if (spell === undefined || solution.settled.accrual !== undefined) return [];
    const perYear = frequencyOf(asked.flow.every);
    const interest = sizeOf(solution, loan.index) * Math.expm1(spell.force / perYear);
    const { noun } = frequencyWords(asked.flow.every);
    return [
      {
        done: () => FIRST.done(noun),
        corrected: (format) => FIRST.corrected(noun, writeMoney(interest, format)),
        figure: () => interest,
      },
    ];
  },
);

const FLAT = MISTAKE_WORDS["flat-interest"];

/** The student added simple interest on the whole loan and divided by the number of payments. */
export const flatInterest = wholeMistake("flat-interest", paymentAsked, (asked) => {
  // Of a loan alone: with a final amount nobody would know what to charge it on.
  if (asked.problem.flows.length !== 2) return [];
  if (singlesAt(asked.problem, asked.begins).length === 0) return [];
  const { rate, percent, net, count, flow } = asked;
  const perYear = toldPerYear(rate);
  const years = count / frequencyOf(flow.every);
  return [
    {
      done: (format) => FLAT.done(writeFigure(years, format), writeFigure(count, format)),
      corrected: FLAT.corrected,
      figure: () => (net * (1 + (percent / 100) * perYear * years)) / count,
    },
  ];
});

const SHARED = MISTAKE_WORDS["yearly-payment-shared"];

/** The student found the payment of a loan that is paid yearly, and divided it. */
export const yearlyPaymentShared = wholeMistake("yearly-payment-shared", paymentAsked, (asked) => {
  const { problem, index, flow, count, rate, percent } = asked;
  const perYear = frequencyOf(flow.every);
  const years = count / perYear;
  if (perYear === 1 || !Number.isInteger(years)) return [];
  const yearly = withFlow(problem, index, { ...flow, every: "P1Y", count: years });
  const asQuoted = withRate(yearly, 0, requoted(rate, { quoted: "effective" }, percent));
  const { noun } = frequencyWords(flow.every);
  return [asQuoted, yearly].map((other) => ({
    done: (format) => SHARED.done(writeFigure(perYear, format)),
    corrected: () => SHARED.corrected(noun),
    figure: () => {
      const solved = solve(other);
      return solved.ok ? solved.value.answers[0].value / perYear : null;
    },
  }));
});
