import { wholeUpTo } from "./compare";
/** A positive ratio of two whole numbers without a common factor. */
export interface Ratio {
  readonly over: number;
  readonly under: number;
}

/** Denominators beyond this are taken for noise of the double, not for a ratio that somebody meant. */
const LARGEST_TERM = 1e9;

/**
 * The ratio that a double stands for, by continued fractions: 0.23076923076923078 is 3/13.
 *
 * @param value above zero
 * Source: Khinchin, Continued Fractions, ch. II (best approximations)
 */
export function lowestTerms(value: number): Ratio {
  if (value > LARGEST_TERM) return { over: Math.round(value), under: 1 };
  let [over, overBefore] = [1, 0];
  let [under, underBefore] = [0, 1];
  let rest = value;
  for (;;) {
    const whole = wholeUpTo(rest);
    const nextOver = whole * over + overBefore;
    const nextUnder = whole * under + underBefore;
    if (nextOver > LARGEST_TERM || nextUnder > LARGEST_TERM) break;
    [overBefore, underBefore, over, under] = [over, under, nextOver, nextUnder];
    const fraction = rest - whole;
    if (Math.abs(over / under - value) <= 4 * Number.EPSILON * value) break;
    if (fraction <= 0) break;
    rest = 1 / fraction;
  }
  return { over, under };
}
