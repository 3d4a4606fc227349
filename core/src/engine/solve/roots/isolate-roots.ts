import {
  coefficientSignChanges,
  halved,
  reversed,
  shiftByOne,
  stripped,
  withoutRootAtOne,
  type Polynomial,
} from "./polynomial";
import { squareFree } from "./square-free";

/**
 * A stretch from k/2^depth to (k + 1)/2^depth with exactly one root, a simple one, and the polynomial on it:
 * t from 0 to 1, no root at either end. A root that is itself such a fraction has no polynomial.
 */
export interface IsolatedRoot {
  readonly k: bigint;
  readonly depth: number;
  readonly local: Polynomial | null;
}

/** Halvings after which multiple roots are suspected, which no halving separates. */
const SUSPICIOUS_DEPTH = 24;

/**
 * The limit of work, in steps of about a nanosecond. A stretch takes degree² additions. Whenever it is halved,
 * the numbers grow by a bit for each degree.
 */
export const MOST_WORK = 1e9;
const WORK_OF_ADDING = 60;
const BITS_AT_ONCE = 64;

/**
 * All roots between 0 and 1, each once. If Descartes' rule of signs does not show that a stretch has no root or
 * exactly one, the stretch is halved. The arithmetic is exact, so no root is missed or invented.
 *
 * @param polynomial not zero, and with no root at 1
 * @param budget the work that may still be done; what is done is taken from it
 * @returns in no order; `null` if the limit of work was reached
 * Source: G. E. Collins & A. G. Akritas, Polynomial real root isolation using Descartes' rule of signs (1976)
 */
export function isolateRoots(
  polynomial: Polynomial,
  budget: Budget = { left: MOST_WORK },
): IsolatedRoot[] | null {
  const whole = stripped(polynomial);
  const found = search(whole, SUSPICIOUS_DEPTH, budget);
  if (found !== "suspicious") return found;
  const once = squareFree(whole);
  const simple = once === null ? null : search(once, Number.POSITIVE_INFINITY, budget);
  return simple === "suspicious" ? null : simple;
}

export interface Budget {
  left: number;
}

function search(
  polynomial: Polynomial,
  deepest: number,
  budget: Budget,
): IsolatedRoot[] | null | "suspicious" {
  const found: IsolatedRoot[] = [];
  const stretches = [{ local: polynomial, k: 0n, depth: 0 }];
  for (let stretch = stretches.pop(); stretch !== undefined; stretch = stretches.pop()) {
    const { local, k, depth } = stretch;
    budget.left -= local.length ** 2 * (WORK_OF_ADDING + (depth * local.length) / BITS_AT_ONCE);
    if (budget.left < 0) return null;
    const changes = coefficientSignChanges(shiftByOne(reversed(local)), 2);
    if (changes === 0) continue;
    if (changes === 1) {
      found.push({ k, depth, local });
      continue;
    }
    if (depth >= deepest) return "suspicious";
    const lower = halved(local);
    const upper = shiftByOne(lower);
    const isRoot = upper[0] === 0n;
    // Taken from the end, so the lower half comes first.
    stretches.push({ local: stripped(upper), k: 2n * k + 1n, depth: depth + 1 });
    if (isRoot) found.push({ k: 2n * k + 1n, depth: depth + 1, local: null });
    stretches.push({
      local: isRoot ? withoutRootAtOne(lower) : lower,
      k: 2n * k,
      depth: depth + 1,
    });
  }
  return found;
}
