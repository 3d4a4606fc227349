import type { Problem } from "../problem/schema";
import type { Unknown } from "../problem/unknown";
import type { Answer, Solution } from "../solve/solution";
import type { Timeline } from "../timeline/timeline";

/** The codes of the mistakes that the catalogue knows; a new one stands here, in a file and in the catalogue. */
export const MISTAKE_CODES = [
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
  "rounded-rate",
  "rounded-factor",
  "rounded-payment",
  "wrong-sign",
  "digits-swapped",
  "extra-zero",
  "missing-zero",
  "decimal-point-moved",
] as const;

export type MistakeCode = (typeof MISTAKE_CODES)[number];

/**
 * One way in which somebody may have gone wrong on one problem. Its words are made when they are told: a
 * thousand slips are tried for every one that is.
 */
export interface Slip {
  /** What was done, to follow "It looks as if ": "7.4 % was used as the rate for one month". */
  readonly done: () => string;
  /** The step as it should be, a sentence. */
  readonly corrected: () => string;
  /** The problem that was worked instead. */
  readonly problem?: Problem;
  /** What was done to its timeline, where no problem file can say it. */
  readonly bend?: (timeline: Timeline) => Timeline;
  /** What was written down instead of a number that was worked out. */
  readonly figure?: (answer: number) => number | null;
  /** Found further down the list, and not in pairs: a slip that is rarer than the others of its mistake. */
  readonly isRare?: true;
  /** Takes long to try. */
  readonly isSlow?: true;
  /** Not tried in pairs. */
  readonly isCostly?: true;
}

/** A problem, and the number to be got. */
export interface Subject {
  readonly problem: Problem;
  readonly unknown: Unknown;
  readonly unit: Answer["unit"];
  /** All else that is known of it; worked out when a mistake asks for it. */
  readonly solution: Solution;
  /** The number that would be right: money without its sign, but for a worth. */
  readonly answer: number;
}

/** A mistake of the catalogue. */
export interface Mistake {
  readonly code: MistakeCode;
  /** What to do next time, a sentence. */
  readonly nextTime: string;
  /** Every way in which it can be made on this problem; none where it cannot. */
  readonly slips: (subject: Subject) => readonly Slip[];
  /** Further ways, which are so many that they are looked for last and never in pairs. */
  readonly rarer?: (subject: Subject) => readonly Slip[];
}
