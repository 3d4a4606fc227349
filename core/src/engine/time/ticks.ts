/**
 * A year in the largest piece of which half months, weeks and days are all whole numbers: 24·13·365.
 * Times that the textbook calls equal are sums of different fractions, and differ in their last bit;
 * in ticks they are the same whole number.
 */
export const TICKS_PER_YEAR = 113_880;

const NOISE = 1e-4;

/** Whole ticks of a time, or `null` where it lies between two of them. */
export function ticksOf(years: number): number | null {
  const ticks = years * TICKS_PER_YEAR;
  const whole = Math.round(ticks);
  return Math.abs(ticks - whole) < NOISE && Number.isSafeInteger(whole) ? whole : null;
}
