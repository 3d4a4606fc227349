import type { LoanChange } from "./changes/change";

/** Whether payments take a balance down or build one up. */
export const SCHEDULE_KINDS = ["repaying", "saving"] as const;

export type ScheduleKind = (typeof SCHEDULE_KINDS)[number];

/** Whether each payment and its interest are whole cents, as at a bank, or unrounded, as in a textbook. */
export const SCHEDULE_ROUNDINGS = ["cent", "none"] as const;

export type ScheduleRounding = (typeof SCHEDULE_ROUNDINGS)[number];

/** Something paid on top of the payments of a stream. */
export interface ExtraPayment {
  /** Number of the first payment that it is added to, from 1. */
  readonly fromPayment: number;
  /** Number of the last one; left out to go on to the end. */
  readonly toPayment?: number | undefined;
  readonly amount: number;
}

export interface ScheduleOptions {
  /** The id of the stream. */
  readonly flow: string;
  /** Whole cents, as a lender counts, or unrounded, as the textbook does. */
  readonly rounding: ScheduleRounding;
  readonly extra?: readonly ExtraPayment[];
  /** What is changed about the payments; extra payments of `extra` come on top. */
  readonly changes?: readonly LoanChange[];
}

/** One payment and the period before it. Sizes, not directions: see `Schedule.kind`. */
export interface ScheduleRow {
  /** Its number, from 1. */
  readonly payment: number;
  /** Years from today. */
  readonly time: number;
  readonly opening: number;
  /** What the balance earned since the payment before. */
  readonly interest: number;
  /** Other amounts of the problem that joined the balance in this period; below zero what left it. */
  readonly other: number;
  /** All that is paid, the extra included. */
  readonly paid: number;
  readonly extra: number;
  /** What the payment takes off the balance, or for savings what it adds. */
  readonly principal: number;
  /** Just after the payment. */
  readonly balance: number;
}

/** What payments are from one on, as asked for and before any rounding. */
export interface PaymentLevel {
  readonly fromPayment: number;
  readonly amount: number;
  readonly exact: number;
}

/** What was there before the first period of the payments began. */
export interface TimeBefore {
  /** When that period begins, in years. */
  readonly time: number;
  readonly interest: number;
  readonly other: number;
  readonly balance: number;
}

export interface Schedule {
  /** Whether payments bring the balance down, as a loan's do, or up, as savings do. */
  readonly kind: ScheduleKind;
  /** Whether the balance is owed by the student; else it is money of theirs. */
  readonly isOwed: boolean;
  /** The first payment that is neither interest only nor left out: rounded in a schedule in cents. */
  readonly payment: number;
  readonly exactPayment: number;
  /** What payments are from one on: the first of them, and each that was reset. */
  readonly levels: readonly PaymentLevel[];
  readonly paymentsMade: number;
  readonly finalPayment: number;
  readonly totalPaid: number;
  /** With the interest of the time before. */
  readonly totalInterest: number;
  readonly totalExtra: number;
  /** `null` where nothing is there before the payments begin, or only from that moment on. */
  readonly before: TimeBefore | null;
  readonly rows: readonly ScheduleRow[];
}
