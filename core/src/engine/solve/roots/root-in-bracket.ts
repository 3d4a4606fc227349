const MAXIMUM_STEPS = 200;

/**
 * The root of a continuous function inside a bracket, by Brent's method: it cannot leave the bracket, and uses
 * bisection if interpolation does not help.
 *
 * @param f continuous on the bracket
 * @param low one end, at which f has one sign (or is 0)
 * @param high the other end, at which f has the opposite sign (or is 0)
 * @returns the root to the last bit or two, or `null` if the sign changes without passing 0 (a pole)
 * @throws RangeError if the ends do not bracket a root
 * Source: R. P. Brent, Algorithms for Minimization without Derivatives (1973), ch. 4
 */
export function rootInBracket(f: (x: number) => number, low: number, high: number): number | null {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (!(Math.sign(fa) * Math.sign(fb) < 0)) {
    throw new RangeError(`No sign change between ${low} and ${high}`);
  }
  const largest = Math.max(Math.abs(fa), Math.abs(fb));
  // b is the best estimate, c the other end of the bracket, a the estimate before b.
  let [c, fc] = [a, fa];
  let step = b - a;
  let stepBefore = step;
  for (let count = 0; count < MAXIMUM_STEPS; count += 1) {
    if (Math.sign(fb) === Math.sign(fc)) {
      [c, fc] = [a, fa];
      step = b - a;
      stepBefore = step;
    }
    if (Math.abs(fc) < Math.abs(fb)) {
      [a, b, c] = [b, c, b];
      [fa, fb, fc] = [fb, fc, fb];
    }
    const tolerance = Number.EPSILON * Math.abs(b) + Number.MIN_VALUE;
    const half = (c - b) / 2;
    if (Math.abs(half) <= tolerance || fb === 0) break;
    const proposed =
      Math.abs(stepBefore) >= tolerance && Math.abs(fa) > Math.abs(fb)
        ? interpolatedStep(a, b, c, fa, fb, fc)
        : Number.NaN;
    if (isSafe(proposed, half, stepBefore, tolerance)) {
      stepBefore = step;
      step = proposed;
    } else {
      step = half;
      stepBefore = half;
    }
    [a, fa] = [b, fb];
    b += Math.abs(step) > tolerance ? step : Math.sign(half) * tolerance;
    fb = f(b);
  }
  return Math.abs(fb) <= largest ? b : null;
}

/** From b, a secant step through two points or inverse quadratic interpolation through three. */
function interpolatedStep(
  a: number,
  b: number,
  c: number,
  fa: number,
  fb: number,
  fc: number,
): number {
  const s = fb / fa;
  if (a === c) return -((c - b) * s) / (1 - s);
  const q = fa / fc;
  const r = fb / fc;
  return -(s * ((c - b) * q * (q - r) - (b - a) * (r - 1))) / ((q - 1) * (r - 1) * (s - 1));
}

/** Takes a step only towards the other end, well inside the bracket, and while steps keep shrinking. */
function isSafe(step: number, half: number, stepBefore: number, tolerance: number): boolean {
  const towards = Math.sign(step) === Math.sign(half);
  const limit = Math.min(3 * Math.abs(half) - tolerance, Math.abs(stepBefore));
  return towards && 2 * Math.abs(step) < limit;
}
