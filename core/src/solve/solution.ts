import type { SettledFlow } from "../flows/flow-kind";
import type { Direction } from "../problem/schema";
import type { Unknown } from "../problem/unknown";
import type { Quotation } from "../rates/quotation";
import type { WholePayments } from "./count/whole-payments";

/**
 * One solution of a problem.
 * - `money`: zero or more with its direction; for the worth that an `ask` asks for, signed and without
 *   one; for the step of a growing stream signed, in the direction of the stream
 * - `percent`: in the quotation of the unknown's own line
 * - `years`: from today, in textbook years
 * - `payments`: the real count of the closed form
 */
export interface Answer {
  readonly value: number;
  readonly unit: "money" | "percent" | "payments" | "years";
  readonly direction?: Direction;
  /** The amount balances only in the other direction than the problem had it. */
  readonly turned?: true;
}

/**
 * How it is known that there are no other solutions.
 * - `linear`: one equation of the first degree
 * - `monotone`: the balance only rises, or only falls, with the unknown
 * - `closed-form`: each solution has a formula of its own
 * - `one-change`: the money changes direction once at most (Descartes' rule of signs)
 * - `running-totals`: its running totals do, read forwards and backwards (Norstrøm)
 * - `exact-isolation`: the roots of the polynomial were parted in exact arithmetic
 * - `turning-points`: every stretch between two turning points of the balance was looked at
 * - `monotone-pieces`: so was every piece of a range on which the balance is shown to be monotone
 * - `every-month`, `every-payment`: the balance was looked at that often; the answer is the first solution
 *   found that way, and one that comes and goes within a step would be missed
 */
export type Completeness =
  | "linear"
  | "monotone"
  | "closed-form"
  | "one-change"
  | "running-totals"
  | "exact-isolation"
  | "turning-points"
  | "monotone-pieces"
  | "every-month"
  | "every-payment";

/** A rate spell with every figure known. */
export interface SettledSpell {
  readonly start: number;
  readonly quotation: Quotation;
  readonly percent: number;
  /** λ, a decimal a year. */
  readonly force: number;
}

/** The timeline once the unknown is known: what is drawn, proved and worked through. */
export interface SettledTimeline {
  readonly spells: readonly SettledSpell[];
  /** One for each flow of the problem, in its order. */
  readonly flows: readonly SettledFlow[];
}

/** What a screen says of a stream beside the answer. */
export interface StreamFacts {
  readonly id: string;
  /** `null` for ever. */
  readonly payments: number | null;
  /** What one of its periods earns under the rate at its start. */
  readonly percentPerPayment: number;
  readonly firstYears: number;
  /** `null` for ever. */
  readonly lastYears: number | null;
  /** Of all payments, zero or more; `null` for ever. */
  readonly total: number | null;
}

/** Figures that every screen wants beside the answer. Money in its own currency, percents in percent. */
export interface Facts {
  /** `null` where payments go on for ever. */
  readonly totalIn: number | null;
  readonly totalOut: number | null;
  /** What the money earned or cost, zero or more: the difference of the totals. Left out of a worth. */
  readonly interest?: number;
  readonly interestIs?: "earned" | "paid";
  /** Of each rate spell the effective yearly rate; `null` where it passes the largest double. */
  readonly effectivePercents: readonly (number | null)[];
  readonly streams: readonly StreamFacts[];
  /** For an unknown count: what it comes to in whole payments. */
  readonly wholePayments?: WholePayments;
}

export interface Solution {
  readonly unknown: Unknown;
  /** Every solution, ascending; amounts and worths have just one. */
  readonly answers: readonly [Answer, ...Answer[]];
  readonly completeness: Completeness;
  /** Answers to the follow-ups, in their order; `null` where one has no answer. */
  readonly also: readonly (number | null)[];
  /** The facts and the timeline that go with the first answer. */
  readonly facts: Facts;
  readonly settled: SettledTimeline;
}
