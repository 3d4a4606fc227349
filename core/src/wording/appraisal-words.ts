import type { Appraisal } from "../appraisal/appraise";
import type { Measure } from "../appraisal/measure";
import { projectRows } from "../appraisal/running-totals";
import { turnsOf } from "../appraisal/sign-changes";
import type { DatedAmount } from "../flows/flow-kind";
import type { Issue } from "../issues/issue";
import { listed } from "./listed";
import { sentenceOf } from "./sentences";
import { writeFigure, writeMoney, writeRate, type AnswerFormat } from "./answer-format";
import { formatYears, formatYearsMonthsDays, spanWords } from "./format-time";

/** A project that has been judged, and how its figures are written. */
export interface AppraisalSubject {
  /** In time order. */
  readonly flows: readonly DatedAmount[];
  readonly hurdlePercent: number;
  readonly reinvestPercent: number;
  readonly judged: Appraisal;
  /** Why the internal rates were not searched for, where they were not. */
  readonly ratesIssue?: Issue | null;
  readonly format: AnswerFormat;
}

export interface MeasureWords {
  /** The measure's own figure; `null` where the project has none. */
  readonly figure: string | null;
  /** What it says about this project. */
  readonly says: string;
  /** When the measure misleads. */
  readonly misleads: string;
  /** Whether it does so with this project. */
  readonly isMisleading: boolean;
}

/** What each measure says of a project, in one sentence with a verb, and where it leads astray. */
export function measureWords(measure: Measure, subject: AppraisalSubject): MeasureWords {
  return WORDS[measure](subject);
}

const WORDS: Readonly<Record<Measure, (subject: AppraisalSubject) => MeasureWords>> = {
  npv: ({ hurdlePercent, judged: { npv }, format }) => {
    const at = `At ${writeRate(hurdlePercent, format)} a year`;
    const size = writeMoney(Math.abs(npv), format);
    const isNothing = !/[1-9]/.test(size);
    return {
      figure: writeMoney(npv, format),
      says: isNothing
        ? `${at} it is worth exactly what it costs: it earns the hurdle rate, and nothing besides.`
        : npv > 0
          ? `${at} it is worth ${size} more today than it costs: it earns the hurdle rate, and that besides.`
          : `${at} it is worth ${size} less today than it costs: it does not earn the hurdle rate.`,
      misleads:
        "It does not say how much money is tied up, or for how long: of projects of unequal size or life compare the profitability index or the equivalent annual amount as well.",
      isMisleading: false,
    };
  },

  irr: (subject) => {
    const { flows, hurdlePercent, format } = subject;
    const { irrPercents, irrPercentsBelow } = subject.judged;
    const rate = (percent: number) => writeRate(percent, format);
    const [only] = irrPercents;
    const below =
      irrPercentsBelow.length === 0
        ? ""
        : ` The equation also holds at ${listed(irrPercentsBelow.map(rate))}, where nine tenths of the money would be lost each year: no rate to judge by.`;
    const opening = flows.find(({ amount }) => amount !== 0)?.amount ?? 0;
    const isLoan = opening > 0 && turnsOf(flows) === 1;
    return {
      figure: irrPercents.length === 0 ? null : irrPercents.map(rate).join("; "),
      says:
        subject.ratesIssue !== undefined && subject.ratesIssue !== null
          ? sentenceOf(subject.ratesIssue)
          : only === undefined
            ? `${whyNoRate(subject)}${below}`
            : irrPercents.length > 1
              ? `The money turns its way ${timesWords(turnsOf(flows))}, and at ${writeFigure(irrPercents.length, format)} rates the project is worth nothing: ${listed(irrPercents.map(rate))}. None of them by itself is what it earns; judge it by the net present value.${below}`
              : isLoan
                ? `The money comes in first, so ${rate(only)} a year is what it costs, as with a loan: less is better.`
                : `The money that is in it earns ${rate(only)} a year, ${againstHurdle(only, hurdlePercent, format)}.${below}`,
      misleads:
        irrPercents.length > 1 || isLoan
          ? "The rule “accept what earns more than the hurdle rate” holds only where money goes out first and then comes back."
          : "It supposes that what comes back early earns the same rate elsewhere, and does not see size: of two projects the smaller one often has the higher rate.",
      isMisleading: irrPercents.length > 1 || isLoan,
    };
  },

  mirr: ({ hurdlePercent, reinvestPercent, judged: { mirrPercent }, format }) => ({
    figure: mirrPercent === null ? null : writeRate(mirrPercent, format),
    says:
      mirrPercent === null
        ? "It needs money that goes out and money that comes in, with time between them."
        : `If what comes in earns ${writeRate(reinvestPercent, format)} a year until the end, the money put in grows by ${writeRate(mirrPercent, format)} a year, ${againstHurdle(mirrPercent, hurdlePercent, format)}.`,
    misleads:
      "It hangs on the rate at which you suppose money is reinvested, and on when the project ends: the longer its life, the nearer it comes to that rate.",
    isMisleading: false,
  }),

  payback: ({ flows, judged: { payback, npv }, format }) => {
    const totals = projectRows(flows, 0).map(({ total }) => total);
    const again = fallsAgain(totals);
    const isPoor = payback !== null && npv < 0;
    return {
      figure: payback === null ? null : formatYears(payback, 4),
      says:
        payback === null
          ? neverBack(totals, "the running total", format)
          : `The money is back after ${timeWords(payback)}.`,
      misleads:
        again ??
        (isPoor
          ? "Here the money is back, and the project is still worth less than it costs: payback leaves out that later money is worth less."
          : "It leaves out that later money is worth less, and all that comes after the money is back."),
      isMisleading: again !== null || isPoor,
    };
  },

  "discounted-payback": ({ flows, hurdlePercent, judged: { discountedPayback }, format }) => {
    const totals = projectRows(flows, Math.log1p(hurdlePercent / 100)).map(
      ({ discountedTotal }) => discountedTotal,
    );
    const again = fallsAgain(totals);
    return {
      figure: discountedPayback === null ? null : formatYears(discountedPayback, 4),
      says:
        discountedPayback === null
          ? neverBack(totals, "the running total of present values", format)
          : `With ${writeRate(hurdlePercent, format)} a year on it the money is back after ${timeWords(discountedPayback)}.`,
      misleads:
        again ??
        "It leaves out all that comes after, so it prefers what is quick to what is large.",
      isMisleading: again !== null,
    };
  },

  "profitability-index": ({ flows, judged: { profitabilityIndex }, format }) => {
    const hasLaterOutlay = flows.some(({ amount }, index) => index > 0 && amount < 0);
    return {
      figure: profitabilityIndex === null ? null : writeFigure(profitabilityIndex, format, 4),
      says:
        profitabilityIndex === null
          ? "It needs an outlay as the first amount: what comes later is measured against that."
          : `Each 1.00 laid out at the start brings ${writeFigure(profitabilityIndex, format, 4)} of value later: ${profitabilityIndex > 1 ? "more" : profitabilityIndex === 1 ? "just as much" : "less"} than it costs.`,
      misleads: hasLaterOutlay
        ? "Here money goes out later as well. It is taken off what comes back, not added to the outlay; a course that adds it gets another figure."
        : "It favours small projects, as it measures value by the outlay: two that exclude each other are better told apart by net present value.",
      isMisleading: hasLaterOutlay && profitabilityIndex !== null,
    };
  },

  "equivalent-annual": ({ flows, judged: { equivalentAnnual }, format }) => {
    const life = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
    return {
      figure: equivalentAnnual === null ? null : writeMoney(equivalentAnnual, format),
      says:
        equivalentAnnual === null
          ? "It needs a life of some length to spread the value over."
          : `The whole is worth as much as ${writeMoney(Math.abs(equivalentAnnual), format)} ${equivalentAnnual < 0 ? "paid" : "received"} at the end of each year for ${spanWords(life)}.`,
      misleads:
        "It tells projects of unequal life apart only where each of them can be done again and again on the same terms.",
      isMisleading: false,
    };
  },
};

function whyNoRate({ flows, format }: AppraisalSubject): string {
  const signs = new Set(flows.map(({ amount }) => Math.sign(amount)).filter((sign) => sign !== 0));
  if (signs.size === 0) return "No money moves: it is worth nothing at every rate.";
  if (signs.size === 1) {
    const way = signs.has(1) ? "comes in" : "goes out";
    return `Money only ${way}, so no rate makes the project worth nothing.`;
  }
  const total = flows.reduce((sum, { amount }) => sum + amount, 0);
  const side =
    total === 0
      ? "it stays on one side of nothing"
      : `it is worth ${total > 0 ? "more" : "less"} than nothing`;
  return `There is no such rate: ${side} at every rate, ${writeMoney(total, format)} where nothing is discounted.`;
}

function againstHurdle(percent: number, hurdlePercent: number, format: AnswerFormat): string {
  const points = percent - hurdlePercent;
  if (Math.abs(points) < 1e-9) return "just the hurdle rate";
  return `${writeFigure(Math.abs(points), format, 4)} points ${points > 0 ? "above" : "below"} the hurdle rate`;
}

/** What is to be said of a running total that has been back at nothing and does not stay there. */
function fallsAgain(totals: readonly number[]): string | null {
  const back = totals.findIndex(
    (total, index) => index > 0 && total >= 0 && (totals[index - 1] ?? 0) < 0,
  );
  if (back < 0 || !totals.slice(back).some((total) => total < 0)) return null;
  return (totals.at(-1) ?? 0) < 0
    ? "Here the running total falls below nothing again afterwards, and stays there: in the end the money is not back."
    : "Here the running total falls below nothing again afterwards, so the money is not back for good by then.";
}

function neverBack(totals: readonly number[], name: string, format: AnswerFormat): string {
  if (!totals.some((total) => total < 0)) {
    return `There is nothing to get back: ${name} is never below nothing.`;
  }
  return `The money never comes back: ${name} ends at ${writeMoney(totals.at(-1) ?? 0, format)}.`;
}

/** A time in the words that have it exactly; else as a figure, and to the nearest day. */
function timeWords(years: number): string {
  const exact = spanWords(years);
  const inDays = formatYearsMonthsDays(years);
  const isFigure = exact === formatYears(years, 4) && exact !== inDays;
  return isFigure ? `${exact}, which is ${inDays}` : exact;
}

function timesWords(count: number): string {
  return count === 1 ? "once" : count === 2 ? "twice" : `${String(count)} times`;
}
