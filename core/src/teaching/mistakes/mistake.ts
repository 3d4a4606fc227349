import type { FollowUp, Problem } from "../../engine/problem/schema";
import type { Unknown } from "../../engine/problem/unknown";
import type { Answer } from "../../engine/solve/solution";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import type { Timeline } from "../../engine/timeline/timeline";
import type { AnswerFormat } from "../../wording/answer-format";

/** The codes of the known mistakes. A new one needs a place here, its words, a file and its line in the catalogue. */
export const MISTAKE_CODES = [
  "truncated",
  "yearly-rate-per-payment",
  "years-as-payments",
  "start-end-swapped",
  "percent-as-decimal",
  "decimal-as-percent",
  "payment-frequency-as-compounding",
  "compounding-as-payment-frequency",
  "nominal-as-effective",
  "effective-as-nominal",
  "compounding-ignored",
  "interest-compounded",
  "discount-as-interest",
  "interest-as-discount",
  "wrong-days-in-year",
  "wrong-focal-date",
  "final-amount-turned",
  "final-amount-left-out",
  "starting-balance-left-out",
  "amount-left-over",
  "growth-early",
  "growth-late",
  "growth-forgotten",
  "deferral-off-by-one",
  "first-flow-discounted",
  "interest-for-total",
  "total-for-interest",
  "wrong-date",
  "wrong-time-unit",
  "rate-per-period-for-yearly",
  "pv-for-fv",
  "fv-for-pv",
  "one-period-too-many",
  "one-period-too-few",
  "total-divided-by-count",
  "interest-of-first-period",
  "flat-interest",
  "yearly-payment-shared",
  "compounding-root-wrong",
  "balloon-not-discounted",
  "starting-balance-not-accumulated",
  "outlay-forgotten",
  "flows-not-discounted",
  "flows-one-early",
  "yearly-payment-half-yearly-count",
  "coupon-and-yield-exchanged",
  "payment-over-price",
  "debts-not-moved",
  "all-debts-discounted",
  "one-debt-wrong-way",
  "balance-straight-line",
  "balance-one-payment-more",
  "balance-one-payment-less",
  "balance-sum-of-payments",
  "balance-payments-not-accumulated",
  "interest-half-of-payments",
  "interest-payments-times-rate",
  "interest-whole-life-average",
  "deferral-ignored",
  "deferral-without-interest",
  "growth-every-payment",
  "growth-added-to-rate",
  "real-rate-as-difference",
  "period-rate-multiplied",
  "yearly-rate-divided",
  "rounded-rate",
  "rounded-factor",
  "cents-otherwise",
  "rounded-payment",
  "last-digit-off",
  "wrong-sign",
  "given-digits-swapped",
  "digits-swapped",
  "extra-zero",
  "missing-zero",
  "decimal-point-moved",
] as const;

export type MistakeCode = (typeof MISTAKE_CODES)[number];

/** Mistakes that only touch the last digit. */
export const ROUNDING_CODES: ReadonlySet<MistakeCode> = new Set(["truncated", "last-digit-off"]);

/**
 * One way of making a mistake on one problem. Its words are functions, because a thousand slips are tried for
 * each one that is explained.
 */
export interface Slip {
  /** What the student did, to follow "It looks as if ": "you used 7.4% as the rate per month". */
  readonly done: (format: AnswerFormat) => string;
  /** The correct step, a sentence. */
  readonly corrected: (format: AnswerFormat) => string;
  /** What to do next time on this very problem, if that says more than the mistake's own advice. */
  readonly nextTime?: string;
  /** The problem that the student solved instead. */
  readonly problem?: Problem;
  /** The change to the timeline, if no problem file can express it. */
  readonly bend?: (timeline: Timeline) => Timeline;
  /** What the student wrote down instead of the calculated answer. */
  readonly figure?: (answer: number) => number | null;
  /** Tried later, and not in pairs: rarer than the other slips of its mistake. */
  readonly isRare?: true;
  /** Takes long to try. */
  readonly isSlow?: true;
  /** Not tried in pairs. */
  readonly isCostly?: true;
}

/** A problem and its answer. */
export interface Subject {
  readonly problem: Problem;
  readonly unknown: Unknown;
  readonly unit: Answer["unit"];
  /** The whole solution, calculated when a mistake first needs it. */
  readonly solution: SolvedProblem;
  /** The correct answer: money without its sign, except for a net value. */
  readonly answer: number;
  /** The follow-up that is marked in place of the answer, with its place among the others. */
  readonly asked: { readonly question: FollowUp; readonly place: number } | null;
}

/** A mistake of the catalogue. */
export interface Mistake {
  readonly code: MistakeCode;
  /** What to do next time, a sentence in the imperative. */
  readonly nextTime: string;
  /** It is a way of its own to the whole answer: nobody makes another mistake beside it. */
  readonly isWhole?: true;
  /** Every way of making it on this problem; empty if there is none. */
  readonly slips: (subject: Subject) => readonly Slip[];
  /** More ways, so many that they are tried last and never in pairs. */
  readonly rarer?: (subject: Subject) => readonly Slip[];
}
