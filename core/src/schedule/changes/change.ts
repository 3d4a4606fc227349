import type { Quotation } from "../../rates/quotation";

/**
 * What becomes of the payments after a change: they stay as large as they are, so that the loan ends
 * later or sooner, or they are reset so that it ends when it would have ended.
 */
export type ThenPayments = "kept" | "reset";

/** Numbers of payments count from 1; both ends of a span belong to it. */
interface Span {
  readonly fromPayment: number;
  readonly toPayment: number;
}

/** Something paid on top of the payments. */
export interface ExtraChange {
  readonly kind: "extra";
  readonly amount: number;
  /** With one payment, with each of them, or with one of every year. */
  readonly often: "once" | "payment" | "year";
  readonly fromPayment: number;
  /** The last payment that may have it; left out to go on to the end. */
  readonly toPayment?: number | undefined;
}

/** Every payment is made a multiple of an amount, by raising it. */
export interface RoundUpChange {
  readonly kind: "round-up";
  readonly multiple: number;
}

/** Payments of the interest and nothing else. */
export interface InterestOnlyChange extends Span {
  readonly kind: "interest-only";
  readonly then: ThenPayments;
}

/** Payments left out, while interest runs on. */
export interface HolidayChange extends Span {
  readonly kind: "holiday";
  readonly then: ThenPayments;
}

/** Another rate, which the interest of a payment and of all later ones is reckoned at. */
export interface RateChange {
  readonly kind: "rate";
  readonly fromPayment: number;
  readonly percent: number;
  readonly quotation: Quotation;
  readonly then: ThenPayments;
}

/** A charge on the first day, paid at once or added to what is owed. */
export interface FeeChange {
  readonly kind: "fee";
  readonly amount: number;
  readonly isAdded: boolean;
}

/** What is left at the end, to be paid in one sum. The payments are reset to leave it. */
export interface ResidualChange {
  readonly kind: "residual";
  readonly amount: number;
}

/** One thing that is changed about a loan or about savings. */
export type LoanChange =
  | ExtraChange
  | RoundUpChange
  | InterestOnlyChange
  | HolidayChange
  | RateChange
  | FeeChange
  | ResidualChange;

export type LoanChangeKind = LoanChange["kind"];
