/**
 * The sums that payment streams are made of, in forms that stay exact where the schoolbook ones
 * cancel: as the exponent passes zero, and where growth meets the rate.
 *
 * All take exponents of zero and below, so that every term is 1 at most; callers turn a growing series
 * round and keep the largest term apart as a logarithm.
 */

/**
 * 1 + e^x + e^2x + … of `count` terms, with x of zero or below.
 *
 * @param count zero or more; between whole numbers the closed form itself is meant
 * Accuracy: relative 1e-15 through expm1, whatever the count.
 * Source: Kellison, ch. 3; Higham, Accuracy and Stability of Numerical Algorithms, 1.14 (expm1)
 */
export function geometricSum(count: number, exponent: number): number {
  if (exponent === 0) return count;
  return Math.expm1(count * exponent) / Math.expm1(exponent);
}

/**
 * 0 + e^x + 2·e^2x + … of `count` terms, with x of zero or below.
 *
 * Where little is discounted the closed form cancels; there the sum is taken about its middle, which
 * leaves (count − 1)/2 of the geometric sum and a small Langevin term.
 *
 * Accuracy: relative 1e-14.
 */
export function arithmeticSum(count: number, exponent: number): number {
  const discount = -exponent;
  if (discount === 0) return (count * (count - 1)) / 2;
  const ratio = Math.exp(exponent);
  const level = geometricSum(count, exponent);
  if (count * discount > 1) {
    // ∞ · 0 would poison the sum of an endless series.
    const last = count === Number.POSITIVE_INFINITY ? 0 : count * Math.exp(count * exponent);
    return (ratio * level - last) / -Math.expm1(exponent);
  }
  const bend = langevin((count * discount) / 2) - langevin(discount / 2);
  return level * ((count - 1) / 2 - bend / discount);
}

/** z·coth z − 1 for z up to 1/2, by Lambert's continued fraction, all of whose terms are positive. */
function langevin(z: number): number {
  const square = z * z;
  let fraction = 2 * LAMBERT_DEPTH + 1;
  for (let odd = fraction - 2; odd >= 3; odd -= 2) fraction = odd + square / fraction;
  return square / fraction;
}

/** Enough for the last bit at z = 1/2. */
const LAMBERT_DEPTH = 8;
