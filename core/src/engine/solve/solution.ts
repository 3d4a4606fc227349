import type { FigureUnit } from "../fields/figure-unit";
import type { SettledFlow } from "../flows/flow-kind";
import type { Direction } from "../problem/schema";
import type { Unknown } from "../problem/unknown";
import type { Accrual } from "../rates/accumulation";
import type { Quotation } from "../rates/quotation";
import type { WholeKind } from "./count/whole-payments";

/** Whether interest came in or went out. */
export const INTEREST_SIDES = ["earned", "paid"] as const;

export type InterestSide = (typeof INTEREST_SIDES)[number];

/**
 * One solution of a problem.
 * - `money`: zero or more with its direction; a value that an `ask` asks for is signed and has none; the step
 *   of a growing stream is signed, in the direction of the stream
 * - `percent`: in the quotation of the unknown's own line
 * - `years`: from today, in textbook years
 * - `payments`: the real count of the closed form
 */
export interface Answer {
  readonly value: number;
  readonly unit: FigureUnit;
  readonly direction?: Direction;
  /** The amount balances only in the opposite direction to the problem's. */
  readonly turned?: true;
}

/**
 * How it is known that there are no other solutions.
 * - `linear`: one equation of the first degree
 * - `monotone`: the balance only rises or only falls with the unknown
 * - `closed-form`: each solution has a formula of its own
 * - `one-change`: the flows change sign at most once (Descartes' rule of signs)
 * - `running-totals`: their running totals do, forwards and backwards (Norstrøm)
 * - `exact-isolation`: the roots of the polynomial were isolated in exact arithmetic
 * - `turning-points`: every stretch between two turning points of the balance was checked
 * - `monotone-pieces`: every piece of a range on which the balance is monotone was checked
 * - `every-month`, `every-payment`: the balance was checked that often; the answer is the first solution found,
 *   and two within one step would be missed
 */
export const COMPLETENESS = [
  "linear",
  "monotone",
  "closed-form",
  "one-change",
  "running-totals",
  "exact-isolation",
  "turning-points",
  "monotone-pieces",
  "every-month",
  "every-payment",
] as const;
export type Completeness = (typeof COMPLETENESS)[number];

/** A rate spell with every figure known. */
export interface SettledSpell {
  readonly start: number;
  readonly quotation: Quotation;
  readonly percent: number;
  /** δ, a decimal a year; of simple interest and bank discount the rate itself. */
  readonly force: number;
}

/** The timeline once the unknown is known, for the drawing, the proof and the workings. */
export interface SettledTimeline {
  readonly spells: readonly SettledSpell[];
  /** One for each flow of the problem, in its order; as it is paid, a final payment too. */
  readonly flows: readonly SettledFlow[];
  /** The focal date, in years from today, where the answer depends on it; else `null`. */
  readonly focal: number | null;
  /** Left out for compound interest. */
  readonly accrual?: Accrual;
}

/** The figures of a stream beside the answer. */
export interface StreamFacts {
  readonly id: string;
  /** `null` for a perpetuity. */
  readonly payments: number | null;
  /** The rate per period of the stream, under the rate at its start. */
  readonly percentPerPayment: number;
  readonly firstYears: number;
  /** `null` for a perpetuity. */
  readonly lastYears: number | null;
  /** The total of all payments, zero or more; `null` for a perpetuity. */
  readonly total: number | null;
}

/** The final payment of whole payments. */
export interface FinalPayment {
  /** In the direction of its stream. */
  readonly amount: number;
  /** Years from today. */
  readonly years: number;
}

/** An unknown count in whole payments. */
export interface WholePayments {
  readonly kind: WholeKind;
  /** Payments of the full size, before the last. */
  readonly full: number;
  /** The payment after them; `null` if they are all, or if interest alone reaches the goal. */
  readonly last: FinalPayment | null;
  /** For `interest-alone`: when the goal is reached, in years from today. */
  readonly goalReachedYears?: number;
  /** The last full payment, enlarged so that no other follows. */
  readonly largerLast?: FinalPayment;
  /** The total of all payments, zero or more. */
  readonly totalPaid: number;
  /** From the start of the first period to the end of the last one, or until the goal is reached. */
  readonly years: number;
}

/** What becomes of an unknown payment that is paid in whole cents. */
export interface RoundedPayment {
  /** The payment with every digit, zero or more. */
  readonly exact: number;
  /** Payments of the rounded size, before the last. */
  readonly full: number;
  /** The payment after them, which takes up the cents. */
  readonly last: FinalPayment;
}

/** The figures beside the answer. Money in its own currency, rates in percent. */
export interface Facts {
  /** `null` for a perpetuity. */
  readonly totalIn: number | null;
  readonly totalOut: number | null;
  /** Total interest, zero or more: the difference of the totals. Left out if a value is asked for. */
  readonly interest?: number;
  readonly interestIs?: InterestSide;
  /** The effective annual rate of each spell; `null` if it exceeds the largest double. */
  readonly effectivePercents: readonly (number | null)[];
  readonly streams: readonly StreamFacts[];
  /** For an unknown count: the whole payments. */
  readonly wholePayments?: WholePayments;
  /** For an unknown payment that is rounded to the cent. */
  readonly roundedPayment?: RoundedPayment;
}

export interface Solution {
  readonly unknown: Unknown;
  /** Every solution, ascending; amounts and values have exactly one. */
  readonly answers: readonly [Answer, ...Answer[]];
  readonly completeness: Completeness;
  /** Answers to the follow-ups, in their order; `null` if one has no answer. */
  readonly also: readonly (number | null)[];
  /** The facts and the timeline that go with the first answer. */
  readonly facts: Facts;
  readonly settled: SettledTimeline;
  /**
   * The timeline as it is paid. It differs from the settled one for an unknown count, whose payments are whole, and
   * for a payment rounded to the cent: a final payment stands behind the flows of the problem. What waits for the
   * end of whole payments does so.
   */
  readonly paid: SettledTimeline;
}
