import { wholeUpTo } from "../numbers/compare";

/**
 * How money grows: spells of a constant force of interest, one after the other.
 * The first starts at 0, and also holds before it; the last has no end.
 */
export interface Accumulation {
  /** When each spell starts, in years, ascending from 0. */
  readonly starts: readonly number[];
  /**
   * The force of interest δ of each spell, a decimal a year; under simple interest its rate, and under bank discount
   * its discount rate.
   */
  readonly forces: readonly number[];
  /** Left out for compound interest. */
  readonly accrual?: Accrual;
}

/**
 * Laws under which it matters from when to when an amount is moved, and not only how it would grow meanwhile.
 * Over a gap of Δ years, 1 becomes
 * - `simple`: 1 + rΔ; across spells 1 + Σ r·Δ
 * - `bank-discount`: 1/(1 − dΔ); across spells 1/(1 − Σ d·Δ)
 * - `simple-fraction`: (1 + i)^w·(1 + i·f), w whole compounding periods and a fraction f of one
 */
export type Accrual =
  | { readonly kind: "simple" }
  | { readonly kind: "bank-discount" }
  | {
      readonly kind: "simple-fraction";
      /** Compounding periods a year. */
      readonly frequency: number;
    };

/** Money that does not grow at all: worths under it are plain totals. */
export const NO_GROWTH: Accumulation = { starts: [0], forces: [0] };

/**
 * ln a(t): the logarithm of what 1 at time 0 has become.
 * Across spells the logarithms add, which keeps 1e-16 of relative accuracy where products of large
 * factors would lose it.
 *
 * @param years t
 */
export function logAccumulation(growth: Accumulation, years: number): number {
  return logGrowth(growth, 0, years);
}

/**
 * a(to)/a(from): what 1 at one time is worth at another, in either direction.
 * Times within one spell are subtracted before they are multiplied, so that close dates far away
 * from today keep their digits.
 */
export function growthFactor(growth: Accumulation, from: number, to: number): number {
  return Math.exp(logGrowth(growth, from, to));
}

/**
 * ln of `growthFactor`: below zero where time or the money runs backwards.
 *
 * @returns not a number, or infinite, where 1 has no worth at the other time: a discount that takes everything
 */
export function logGrowth(growth: Accumulation, from: number, to: number): number {
  const { accrual } = growth;
  if (accrual !== undefined) {
    return from <= to
      ? logAccrued(growth, accrual, from, to)
      : -logAccrued(growth, accrual, to, from);
  }
  return from <= to ? forceBetween(growth, from, to) : -forceBetween(growth, to, from);
}

/** The force of each spell times the years that are spent in it. */
export function forceBetween(
  { starts, forces }: Accumulation,
  early: number,
  late: number,
): number {
  if (starts.length === 1) return (forces[0] ?? 0) * (late - early);
  let total = 0;
  for (let index = 0; index < starts.length; index += 1) {
    const start = index === 0 ? Number.NEGATIVE_INFINITY : (starts[index] ?? 0);
    const years =
      Math.min(late, starts[index + 1] ?? Number.POSITIVE_INFINITY) - Math.max(early, start);
    if (years > 0) total += (forces[index] ?? 0) * years;
  }
  return total;
}

function logAccrued(growth: Accumulation, accrual: Accrual, early: number, late: number): number {
  switch (accrual.kind) {
    case "simple":
      return Math.log1p(forceBetween(growth, early, late));
    case "bank-discount":
      return -Math.log1p(-forceBetween(growth, early, late));
    case "simple-fraction": {
      const { whole, fraction } = brokenPeriods((late - early) * accrual.frequency);
      const force = (growth.forces[0] ?? 0) / accrual.frequency;
      return whole * force + Math.log1p(Math.expm1(force) * fraction);
    }
  }
}

/** Periods as whole ones and a fraction of one, which rounding alone makes none. */
export function brokenPeriods(periods: number): { whole: number; fraction: number } {
  const whole = wholeUpTo(periods);
  const fraction = periods - whole;
  return { whole, fraction: fraction < LEAST_FRACTION ? 0 : fraction };
}

/** What a thousand years of days lose in their last digits, in periods. */
const LEAST_FRACTION = 1e-9;

/** The same growth without the spells that have ended by a time; it tells nothing about earlier times. */
export function growthSince(growth: Accumulation, years: number): Accumulation {
  const { starts, forces } = growth;
  const current = spellAt(growth, years);
  return { ...growth, starts: starts.slice(current), forces: forces.slice(current) };
}

/** Which spell holds at a time: the first one also before today. */
export function spellAt({ starts }: Pick<Accumulation, "starts">, years: number): number {
  return Math.max(
    0,
    starts.findLastIndex((start) => start <= years),
  );
}
