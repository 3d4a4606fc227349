import type { Direction } from "../problem/schema";
import type { Unknown } from "../problem/unknown";
import type { Quotation } from "../rates/quotation";

/**
 * One solution of a problem.
 * - `money`: zero or more with its direction; for the worth that an `ask` asks for, signed and without one
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

/** A rate spell with every figure known. */
export interface SettledSpell {
  readonly start: number;
  readonly quotation: Quotation;
  readonly percent: number;
  /** λ, a decimal a year. */
  readonly force: number;
}

/** One amount with every figure known; signed, money in is positive. */
export interface SettledAmount {
  readonly id: string;
  readonly amount: number;
  readonly at: number;
}

/** The timeline once the unknown is known: what is drawn, proved and worked through. */
export interface SettledTimeline {
  readonly spells: readonly SettledSpell[];
  readonly flows: readonly SettledAmount[];
}

/** Figures that every screen wants beside the answer. Money in its own currency, percents in percent. */
export interface Facts {
  readonly totalIn: number;
  readonly totalOut: number;
  /** What the money earned or cost, zero or more: the difference of the totals. Left out of a worth. */
  readonly interest?: number;
  readonly interestIs?: "earned" | "paid";
  /** Of each rate spell the effective yearly rate; `null` where it passes the largest double. */
  readonly effectivePercents: readonly (number | null)[];
}

export interface Solution {
  readonly unknown: Unknown;
  /** Every solution, ascending; amounts and worths have just one. */
  readonly answers: readonly [Answer, ...Answer[]];
  /** Answers to the follow-ups, in their order; `null` where one has no answer. */
  readonly also: readonly (number | null)[];
  /** The facts and the timeline that go with the first answer. */
  readonly facts: Facts;
  readonly settled: SettledTimeline;
}
