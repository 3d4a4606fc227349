/** Something paid on top of the payments of a stream. */
export interface ExtraPayment {
  /** Number of the first payment that it is added to, from 1. */
  readonly fromPayment: number;
  /** Number of the last one; left out to go on to the end. */
  readonly toPayment?: number | undefined;
  readonly amount: number;
}

/** Payments that cover the interest and nothing else, both numbers included, from 1. */
export interface InterestOnlySpell {
  readonly fromPayment: number;
  readonly toPayment: number;
}

export interface ScheduleOptions {
  /** The id of the stream. */
  readonly flow: string;
  /** Whole cents, as a lender counts, or unrounded, as the textbook does. */
  readonly rounding: "cent" | "none";
  readonly extra?: readonly ExtraPayment[];
  /**
   * Where the payment is the problem's unknown, the others become as large as it takes to end in the same
   * time; where it is given, the last payment makes up for it.
   */
  readonly interestOnly?: readonly InterestOnlySpell[];
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

export interface Schedule {
  /** Whether payments bring the balance down, as a loan's do, or up, as savings do. */
  readonly kind: "repaying" | "saving";
  /** The first payment that is not interest only, as it is asked for: rounded in a schedule in cents. */
  readonly payment: number;
  readonly exactPayment: number;
  readonly paymentsMade: number;
  readonly finalPayment: number;
  readonly totalPaid: number;
  readonly totalInterest: number;
  readonly rows: readonly ScheduleRow[];
}
