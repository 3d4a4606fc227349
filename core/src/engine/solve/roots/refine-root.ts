import type { IsolatedRoot } from "./isolate-roots";
import type { Polynomial } from "./polynomial";

/** A fraction of whole numbers. */
export interface Fraction {
  readonly over: bigint;
  readonly under: bigint;
}

/** Bits of the fixed point: a double has 53, and close roots cost the rest. */
const BITS = 256n;
const ONE = 1n << BITS;

/**
 * An isolated root to far more digits than a double has, so that even close roots are right to the last digit.
 * By regula falsi that halves the weight of a stationary end (the Illinois form), and by bisection if that is
 * too slow. It cannot leave its bracket.
 *
 * Source: M. Dowell & P. Jarratt, A modified regula falsi method for computing the root of an equation (1971)
 */
export function refineRoot({ k, depth, local }: IsolatedRoot): Fraction {
  const place = local === null ? 0n : rootBetweenZeroAndOne(local);
  return { over: (k << BITS) + place, under: 1n << (BITS + BigInt(depth)) };
}

/** The one root as a fixed-point number. */
function rootBetweenZeroAndOne(polynomial: Polynomial): bigint {
  let [low, high] = [0n, ONE];
  let [atLow, atHigh] = [valueAt(polynomial, low), valueAt(polynomial, high)];
  for (let step = 0; high - low > 1n; step += 1) {
    const width = high - low;
    const secant = low + (width * atLow) / (atLow - atHigh);
    // Every third step is a plain halving, so that the bracket shrinks whatever the curve.
    const middle = step % 3 === 2 ? (low + high) / 2n : secant;
    const next = middle <= low ? low + 1n : middle >= high ? high - 1n : middle;
    const value = valueAt(polynomial, next);
    if (value === 0n) return next;
    if (value > 0n === atHigh > 0n) {
      [high, atHigh] = [next, value];
      atLow = halfOf(atLow);
    } else {
      [low, atLow] = [next, value];
      atHigh = halfOf(atHigh);
    }
  }
  return low;
}

/** Half, but never zero: its sign is still needed. */
function halfOf(value: bigint): bigint {
  const half = value / 2n;
  return half === 0n ? value : half;
}

/** p(x) as a fixed-point number, by Horner's scheme. */
function valueAt(polynomial: Polynomial, x: bigint): bigint {
  let value = 0n;
  for (let power = polynomial.length - 1; power >= 0; power -= 1) {
    value = ((value * x) >> BITS) + ((polynomial[power] ?? 0n) << BITS);
  }
  return value;
}
