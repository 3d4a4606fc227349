import type { Appraisal } from "../engine/appraisal/appraise";
import type { Measure } from "../engine/appraisal/measure";
import { projectRows } from "../engine/appraisal/running-totals";
import { turnsOf } from "../engine/appraisal/sign-changes";
import type { DatedAmount } from "../engine/flows/flow-kind";
import type { Issue } from "../engine/issues/issue";
import { listed } from "./listed";
import { sentenceOf } from "./sentences";
import { writeFigure, writeMoney, writeRate, type AnswerFormat } from "./answer-format";
import { formatYears, formatYearsMonthsDays, spanWords } from "./format-time";
import { isSamePercent, wholeFrom } from "../engine/numbers/compare";

/** An appraised project, and how its numbers are written. */
export interface AppraisalSubject {
  /** In time order. */
  readonly flows: readonly DatedAmount[];
  readonly hurdlePercent: number;
  readonly reinvestPercent: number;
  readonly judged: Appraisal;
  /** Why the internal rates were not calculated, if they were not. */
  readonly ratesIssue?: Issue | null;
  readonly format: AnswerFormat;
  /** Whether a payback period is told in whole years: the year in which the outlay is recovered. */
  readonly inWholeYears?: boolean;
}

/** A payback period as it is told: exact, or the number of the year at whose end the outlay is recovered. */
export function paybackTold(years: number, inWholeYears: boolean): number {
  return inWholeYears ? wholeFrom(years) : years;
}

export interface MeasureWords {
  /** The value of the measure; `null` if the project has none. */
  readonly figure: string | null;
  /** What it says about this project. */
  readonly says: string;
  /** When the measure misleads. */
  readonly misleads: string;
  /** Whether it does so with this project. */
  readonly isMisleading: boolean;
}

/** What each measure says about a project, in one sentence, and when it misleads. */
export function measureWords(measure: Measure, subject: AppraisalSubject): MeasureWords {
  return WORDS[measure](subject);
}

const WORDS: Readonly<Record<Measure, (subject: AppraisalSubject) => MeasureWords>> = {
  npv: ({ hurdlePercent, judged: { npv }, format }) => {
    const at = `At ${writeRate(hurdlePercent, format)} a year`;
    const size = writeMoney(Math.abs(npv), format);
    const isZero = !/[1-9]/.test(size);
    return {
      figure: writeMoney(npv, format),
      says: isZero
        ? `${at}, the project adds no value: it earns exactly the hurdle rate.`
        : npv > 0
          ? `${at}, the project adds value of ${size} today: it earns more than the hurdle rate.`
          : `${at}, the project loses value of ${size} today: it earns less than the hurdle rate.`,
      misleads:
        "It ignores how much money is tied up and for how long. For projects of different size or life, also compare the profitability index or the equivalent annual annuity.",
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
        : ` The equation also has a root at ${listed(irrPercentsBelow.map(rate))}, a loss of at least ${writeRate(90, format)} a year. Ignore it.`;
    const opening = flows.find(({ amount }) => amount !== 0)?.amount ?? 0;
    const isLoan = opening > 0 && turnsOf(flows) === 1;
    return {
      figure: irrPercents.length === 0 ? null : irrPercents.map(rate).join("; "),
      says:
        subject.ratesIssue !== undefined && subject.ratesIssue !== null
          ? sentenceOf(subject.ratesIssue, format)
          : only === undefined
            ? `${whyNoRate(subject)}${below}`
            : irrPercents.length > 1
              ? `The cash flows change sign ${timesWords(turnsOf(flows), format)}, and the net present value is zero at ${writeFigure(irrPercents.length, format)} rates: ${listed(irrPercents.map(rate))}. None of them is the project's return. Decide by net present value.${below}`
              : isLoan
                ? `Money comes in first, as with a loan, so ${rate(only)} a year is its cost: lower is better.`
                : `The money invested earns ${rate(only)} a year, ${againstHurdle(only, hurdlePercent, format)}.${below}`,
      misleads:
        irrPercents.length > 1 || isLoan
          ? "The rule “accept if the rate exceeds the hurdle rate” holds only when money goes out first and comes back later."
          : "It assumes that early inflows are reinvested at the same rate, and it ignores scale: a smaller project often shows a higher rate.",
      isMisleading: irrPercents.length > 1 || isLoan,
    };
  },

  mirr: ({ hurdlePercent, reinvestPercent, judged: { mirrPercent }, format }) => ({
    figure: mirrPercent === null ? null : writeRate(mirrPercent, format),
    says:
      mirrPercent === null
        ? "It needs both money out and money in, at different times."
        : `With inflows reinvested at ${writeRate(reinvestPercent, format)} a year, the investment grows by ${writeRate(mirrPercent, format)} a year, ${againstHurdle(mirrPercent, hurdlePercent, format)}.`,
    misleads:
      "It depends on the reinvestment rate you assume and on the length of the project: the longer the life, the closer it comes to that rate.",
    isMisleading: false,
  }),

  payback: ({ flows, judged: { payback: exact, npv }, format, inWholeYears = false }) => {
    const payback = exact === null ? null : paybackTold(exact, inWholeYears);
    const totals = projectRows(flows, 0).map(({ total }) => total);
    const again = fallsAgain(totals);
    const isPoor = payback !== null && npv < 0;
    return {
      figure: payback === null ? null : formatYears(payback, format, 4),
      says:
        payback === null
          ? neverBack(totals, "the cumulative cash flow", format)
          : inWholeYears
            ? `The outlay is recovered by the end of year ${writeFigure(payback, format)}.`
            : `The outlay is recovered after ${timeWords(payback, format)}.`,
      misleads:
        again ??
        (isPoor
          ? "Here the outlay is recovered although the net present value is negative: the payback period ignores the time value of money."
          : "It ignores the time value of money and all cash flows after payback."),
      isMisleading: again !== null || isPoor,
    };
  },

  "discounted-payback": ({ flows, hurdlePercent, judged, format, inWholeYears = false }) => {
    const exact = judged.discountedPayback;
    const discountedPayback = exact === null ? null : paybackTold(exact, inWholeYears);
    const totals = projectRows(flows, Math.log1p(hurdlePercent / 100)).map(
      ({ discountedTotal }) => discountedTotal,
    );
    const again = fallsAgain(totals);
    return {
      figure: discountedPayback === null ? null : formatYears(discountedPayback, format, 4),
      says:
        discountedPayback === null
          ? neverBack(totals, "the cumulative present value", format)
          : `With cash flows discounted at ${writeRate(hurdlePercent, format)} a year, the outlay is recovered ${inWholeYears ? `by the end of year ${writeFigure(discountedPayback, format)}` : `after ${timeWords(discountedPayback, format)}`}.`,
      misleads:
        again ??
        "It ignores all cash flows after payback, so it favours quick projects over large ones.",
      isMisleading: again !== null,
    };
  },

  "profitability-index": ({ flows, judged: { profitabilityIndex }, format }) => {
    const hasLaterOutlay = flows.some(({ amount }, index) => index > 0 && amount < 0);
    return {
      figure: profitabilityIndex === null ? null : writeFigure(profitabilityIndex, format, 4),
      says:
        profitabilityIndex === null
          ? "The first amount must be an outlay: later cash flows are divided by it."
          : `Each ${writeMoney(1, format)} of initial outlay returns a present value of ${writeFigure(profitabilityIndex, format, 4)}: ${profitabilityIndex > 1 ? "more than" : profitabilityIndex === 1 ? "as much as" : "less than"} it costs.`,
      misleads: flows.every(({ amount }) => amount <= 0)
        ? "The project has costs only, so the index says nothing. Compare by the equivalent annual cost."
        : hasLaterOutlay
          ? "This project has later outlays too. They are deducted from the inflows, not added to the initial outlay; some courses do the opposite."
          : "It favours small projects. To choose between mutually exclusive projects, use net present value.",
      isMisleading: hasLaterOutlay && profitabilityIndex !== null,
    };
  },

  "equivalent-annual": ({ flows, judged: { equivalentAnnual }, format }) => {
    const life = (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
    return {
      figure: equivalentAnnual === null ? null : writeMoney(equivalentAnnual, format),
      says:
        equivalentAnnual === null
          ? "The project needs a life longer than zero."
          : `The project is equivalent to ${writeMoney(Math.abs(equivalentAnnual), format)} ${equivalentAnnual < 0 ? "paid" : "received"} at the end of each year for ${spanWords(life, format)}.`,
      misleads:
        "It compares projects of different lives only if each can be repeated on the same terms.",
      isMisleading: false,
    };
  },
};

function whyNoRate({ flows, format }: AppraisalSubject): string {
  const signs = new Set(flows.map(({ amount }) => Math.sign(amount)).filter((sign) => sign !== 0));
  if (signs.size === 0)
    return "There are no cash flows, so the net present value is zero at every rate.";
  if (signs.size === 1) {
    const way = signs.has(1) ? "comes in" : "goes out";
    return `Money only ${way}, so no rate gives a net present value of zero.`;
  }
  const total = flows.reduce((sum, { amount }) => sum + amount, 0);
  const side =
    total === 0
      ? "never changes sign at any rate"
      : `is ${total > 0 ? "positive" : "negative"} at every rate`;
  return `No such rate exists: the net present value ${side}, and ${writeMoney(total, format)} at ${writeRate(0, format)}.`;
}

function againstHurdle(percent: number, hurdlePercent: number, format: AnswerFormat): string {
  const points = percent - hurdlePercent;
  if (isSamePercent(percent, hurdlePercent)) return "exactly the hurdle rate";
  return `${writeFigure(Math.abs(points), format, 4)} percentage points ${points > 0 ? "above" : "below"} the hurdle rate`;
}

/** The warning about a cumulative total that becomes negative again after recovery. */
function fallsAgain(totals: readonly number[]): string | null {
  const back = totals.findIndex(
    (total, index) => index > 0 && total >= 0 && (totals[index - 1] ?? 0) < 0,
  );
  if (back < 0 || !totals.slice(back).some((total) => total < 0)) return null;
  return (totals.at(-1) ?? 0) < 0
    ? "The cumulative cash flow becomes negative again and stays negative: the outlay is not recovered in the end."
    : "The cumulative cash flow becomes negative again later, so this is not the final recovery.";
}

function neverBack(totals: readonly number[], name: string, format: AnswerFormat): string {
  if (!totals.some((total) => total < 0)) {
    return `There is no outlay to recover: ${name} is never negative.`;
  }
  return `The outlay is never recovered: ${name} ends at ${writeMoney(totals.at(-1) ?? 0, format)}.`;
}

/** A time in exact words if possible; otherwise as a number, and to the nearest day. */
function timeWords(years: number, format: AnswerFormat): string {
  const exact = spanWords(years, format);
  const inDays = formatYearsMonthsDays(years, format);
  const isFigure = exact === formatYears(years, format, 4) && exact !== inDays;
  return isFigure ? `${exact}, which is ${inDays}` : exact;
}

function timesWords(count: number, format: AnswerFormat): string {
  return count === 1 ? "once" : count === 2 ? "twice" : `${writeFigure(count, format)} times`;
}
