import { isolateRoots, MOST_WORK } from "./isolate-roots";
import { reversed, stripped, withoutRootAtOne, type Polynomial } from "./polynomial";
import { refineRoot, type Fraction } from "./refine-root";

/**
 * All rates above −100% a period at which Σ c_k/(1 + i)^k is zero, each once.
 *
 * The discount factor v = 1/(1 + i) is a positive root of the polynomial Σ c_k·v^k. Roots below 1 are rates
 * above zero. Roots above 1 are found as the roots below 1 of the flows in reverse order.
 *
 * @param amounts one for each period from 0, as whole numbers of any unit; not all zero
 * @returns decimals a period, ascending, each right to the last bit or two; `null` if the search would
 *   take too long
 */
export function polynomialRates(amounts: Polynomial): number[] | null {
  const whole = stripped(amounts);
  const polynomial = withoutRootAtOne(whole);
  const budget = { left: MOST_WORK };
  const above = isolateRoots(polynomial, budget);
  const below = above === null ? null : isolateRoots(reversed(polynomial), budget);
  if (above === null || below === null) return null;
  const atZero = polynomial.length < whole.length ? [0] : [];
  return [
    ...below.map(refineRoot).map(({ over, under }) => quotient({ over: over - under, under })),
    ...atZero,
    ...above
      .map(refineRoot)
      .map(({ over, under }) => quotient({ over: under - over, under: over })),
  ].sort((one, other) => one - other);
}

const DIGITS = 64n;

/** The double nearest to a fraction. */
function quotient({ over, under }: Fraction): number {
  if (over === 0n) return 0;
  const magnitude = over < 0n ? -over : over;
  const shift = DIGITS + BigInt(under.toString(2).length - magnitude.toString(2).length);
  const scaled = shift >= 0n ? (magnitude << shift) / under : magnitude / (under << -shift);
  const value = Number(scaled) * 2 ** -Number(shift);
  return over < 0n ? -value : value;
}
