import type { Affine } from "../numbers/affine";
import type { CompoundingLaw } from "../rates/compounding-law";
import type { Quotation } from "../rates/quotation";

/**
 * A problem with its references followed. Every figure is linear in the one unknown, so the same shapes
 * serve before the unknown is found (`Q` is `Affine`) and afterwards (`Q` is `number`).
 * Times are in years from today; amounts are signed, money in is positive.
 */
export interface Timeline<Q = Affine> {
  readonly spells: readonly Spell<Q>[];
  readonly flows: readonly ResolvedFlow<Q>[];
  /** The focal date, in years from today, where the answer depends on it; `null` where any date gives the same. */
  readonly focal: Q | null;
}

/** A stretch of time under one rate. */
export interface Spell<Q = Affine> {
  readonly start: Q;
  readonly quotation: Quotation;
  /** The quotation as numbers, read once. */
  readonly law: CompoundingLaw;
  readonly percent: Q;
}

/** One amount of money at one time. */
export interface ResolvedSingle<Q = Affine> {
  readonly kind: "single";
  readonly id: string;
  readonly amount: Q;
  readonly at: Q;
}

/** Payments at even intervals, level or growing. */
export interface ResolvedStream<Q = Affine> {
  readonly kind: "stream";
  readonly id: string;
  /** The first payment. */
  readonly amount: Q;
  /** Payments a year. */
  readonly frequency: number;
  /** Number of payments, which may have a fraction; infinite for ever. */
  readonly count: Q;
  readonly timing: "end" | "start";
  /** When its first period begins. */
  readonly begins: Q;
  readonly growth: ResolvedGrowth<Q> | null;
}

/** Payment k, from 0, has grown ⌊k·steps/payments⌋ times. The fraction is in lowest terms. */
export interface ResolvedGrowth<Q = Affine> {
  readonly by: "percent" | "amount";
  /** Percent of each step, or what each step adds: signed like the amount it is added to. */
  readonly figure: Q;
  readonly steps: number;
  readonly payments: number;
}

/** Amounts of any size at even intervals, the first of them at `begins`. */
export interface ResolvedList<Q = Affine> {
  readonly kind: "list";
  readonly id: string;
  readonly frequency: number;
  readonly begins: Q;
  readonly amounts: readonly Q[];
}

/** Amounts on calendar dates, counted from the first of them in years of 365 days. */
export interface ResolvedDated<Q = Affine> {
  readonly kind: "dated";
  readonly id: string;
  readonly entries: readonly { readonly at: number; readonly amount: Q }[];
}

/** Every kind of flow; a new kind joins this union and `flows/flow-kinds.ts`. */
export type ResolvedFlow<Q = Affine> =
  ResolvedSingle<Q> | ResolvedStream<Q> | ResolvedList<Q> | ResolvedDated<Q>;
