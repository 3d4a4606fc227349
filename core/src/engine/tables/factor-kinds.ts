import { geometricSum } from "../flows/series-sums";

/** The factors that tables are printed of. */
export const FACTOR_KINDS = [
  "future-of-one",
  "present-of-one",
  "future-of-payments",
  "present-of-payments",
  "future-of-growing",
  "present-of-growing",
] as const;

export type FactorKind = (typeof FACTOR_KINDS)[number];

/** What a factor is of, beside its kind. */
export interface FactorTerms {
  readonly kind: FactorKind;
  /** Whether payments fall at the end or the start of their periods; single amounts know no difference. */
  readonly timing: "end" | "start";
  /** Percent by which each payment is larger than the one before; of growing ones alone. */
  readonly growthPercent: number;
}

/** Factors of payments, which know a timing. */
export function isOfPayments(kind: FactorKind): boolean {
  return kind !== "future-of-one" && kind !== "present-of-one";
}

export function isGrowing(kind: FactorKind): boolean {
  return kind === "future-of-growing" || kind === "present-of-growing";
}

/**
 * A factor of the tables: what 1, or 1 a period, is worth at the end or at the start of some periods.
 *
 * @param percent for one period, above −100
 * @param periods zero or more; whole in tables
 * @returns infinite where it would pass the largest double
 * Accuracy: relative 1e-14, also where the rate is zero or meets the growth.
 * Source: Kellison, The Theory of Interest, ch. 1 (single amounts), 3 (annuities) and 4 (growing ones)
 */
export function tableFactor(terms: FactorTerms, percent: number, periods: number): number {
  const { kind, timing, growthPercent } = terms;
  const force = Math.log1p(percent / 100);
  if (kind === "future-of-one") return Math.exp(periods * force);
  if (kind === "present-of-one") return Math.exp(-periods * force);
  const growth = isGrowing(kind) ? Math.log1p(growthPercent / 100) : 0;
  const exponent = growth - force;
  // Payments that outgrow their discount are summed from the last one, so that every term is 1 at most.
  const present =
    exponent > 0
      ? geometricSum(periods, -exponent) * Math.exp((periods - 1) * exponent)
      : geometricSum(periods, exponent);
  // So far valued on the day of the first payment.
  const atStart = timing === "start" ? present : present * Math.exp(-force);
  const isFuture = kind === "future-of-payments" || kind === "future-of-growing";
  return isFuture ? atStart * Math.exp(periods * force) : atStart;
}
