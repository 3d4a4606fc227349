/**
 * How money grows: spells of a constant force of interest, one after the other.
 * The first starts at 0; the last has no end.
 */
export interface Accumulation {
  /** When each spell starts, in years, ascending from 0. */
  readonly starts: readonly number[];
  /** The force of interest δ of each spell, a decimal a year. */
  readonly forces: readonly number[];
}

/** Money that does not grow at all: worths under it are plain totals. */
export const NO_GROWTH: Accumulation = { starts: [0], forces: [0] };

/**
 * ln a(t): the logarithm of what 1 at time 0 has become.
 * Across spells the logarithms add, which keeps 1e-16 of relative accuracy where products of large
 * factors would lose it.
 *
 * @param years t, zero or more
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

/** ln of `growthFactor`: below zero where time or the money runs backwards. */
export function logGrowth({ starts, forces }: Accumulation, from: number, to: number): number {
  if (starts.length === 1) return (forces[0] ?? 0) * (to - from);
  const [early, late] = from <= to ? [from, to] : [to, from];
  let logarithm = 0;
  for (let index = 0; index < starts.length; index += 1) {
    const years =
      Math.min(late, starts[index + 1] ?? Number.POSITIVE_INFINITY) -
      Math.max(early, starts[index] ?? 0);
    if (years > 0) logarithm += (forces[index] ?? 0) * years;
  }
  return from <= to ? logarithm : -logarithm;
}

/** The same growth without the spells that have ended by a time; it tells nothing about earlier times. */
export function growthSince({ starts, forces }: Accumulation, years: number): Accumulation {
  const current = Math.max(
    0,
    starts.findLastIndex((start) => start <= years),
  );
  return { starts: starts.slice(current), forces: forces.slice(current) };
}
