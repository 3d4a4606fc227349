import { largest } from "../../numbers/extremes";
import { sum } from "../../numbers/sum";
import { rootInBracket } from "./root-in-bracket";
import { isUpTo } from "../../numbers/compare";

/** One term of Σ coefficient · e^(−x·exponent). */
export interface ExponentialTerm {
  readonly coefficient: number;
  readonly exponent: number;
}

/** Below this fraction of the sum of its terms' sizes, a value is rounding noise about zero. */
const NOISE = 8 * Number.EPSILON;

/**
 * All real roots of f(x) = Σ c_k·e^(−x·τ_k), ascending, each once; the exponents may be any numbers.
 *
 * Complete by two classical facts. Descartes' rule holds for such sums: in the order of the exponents,
 * coefficients with s sign changes have at most s roots, and exactly one if s = 1. For s > 1, shift all
 * exponents by a σ that lies at a sign change: the roots stay, and the derivative,
 * Σ −c_k·(τ_k−σ)·e^(−x(τ_k−σ)), has one sign change fewer. Its roots, found by the same rule, cut the axis into
 * stretches on which f is monotone. Each stretch has one root or none, as the signs at its ends show.
 *
 * A root at which f only touches zero is reported if f is zero there to within rounding.
 *
 * @param terms exponents distinct and ascending, no coefficient zero: see `gatherTerms`
 * Cost: (sign changes)² · terms · about 12.
 * Source: Pólya & Szegő, Problems and Theorems in Analysis II, part V, 77 (Descartes for exponentials)
 */
export function exponentialSumRoots(terms: readonly ExponentialTerm[]): number[] {
  const changes = signChanges(terms);
  if (changes === 0) return [];
  if (terms.length === 2) return [rootOfTwo(terms)];
  if (changes === 1) return onlyRoot(terms);
  const pivot = pivotExponent(terms);
  const slope = terms
    .map(({ coefficient, exponent }) => ({
      coefficient: coefficient * (exponent - pivot),
      exponent,
    }))
    .filter(({ coefficient }) => coefficient !== 0);
  return rootsBetween(terms, exponentialSumRoots(slope));
}

/** Sorts terms, adds those with the same exponent and drops those that cancel. */
export function gatherTerms(terms: readonly ExponentialTerm[]): ExponentialTerm[] {
  const ordered = [...terms].sort((one, other) => one.exponent - other.exponent);
  const groups: { exponent: number; coefficients: number[] }[] = [];
  for (const { coefficient, exponent } of ordered) {
    const latest = groups.at(-1);
    if (latest !== undefined && isUpTo(exponent, latest.exponent)) {
      latest.coefficients.push(coefficient);
    } else {
      groups.push({ exponent, coefficients: [coefficient] });
    }
  }
  return groups
    .map(({ exponent, coefficients }) => ({ exponent, coefficient: sum(coefficients) }))
    .filter(({ coefficient }) => coefficient !== 0);
}

/** The number of sign changes in the order of the exponents: an upper bound for the number of roots. */
export function signChanges(terms: readonly ExponentialTerm[]): number {
  let changes = 0;
  terms.forEach(({ coefficient }, index) => {
    const before = terms[index - 1];
    if (before !== undefined && coefficient > 0 !== before.coefficient > 0) changes += 1;
  });
  return changes;
}

/** Two terms have a closed form, which keeps every digit of a root near zero. */
function rootOfTwo(terms: readonly ExponentialTerm[]): number {
  const [early, late] = terms as readonly [ExponentialTerm, ExponentialTerm];
  const excess =
    (Math.abs(late.coefficient) - Math.abs(early.coefficient)) / Math.abs(early.coefficient);
  // Far from 1 the difference would lose the smaller amount; there the plain logarithms are exact.
  const logRatio =
    Math.abs(excess) < 0.5
      ? Math.log1p(excess)
      : Math.log(Math.abs(late.coefficient)) - Math.log(Math.abs(early.coefficient));
  return logRatio / (late.exponent - early.exponent);
}

function pivotExponent(terms: readonly ExponentialTerm[]): number {
  const after = terms.findIndex(({ coefficient }, index) => {
    const before = terms[index - 1];
    return before !== undefined && coefficient > 0 !== before.coefficient > 0;
  });
  return ((terms[after - 1]?.exponent ?? 0) + (terms[after]?.exponent ?? 0)) / 2;
}

interface Scaled {
  readonly value: number;
  /** Whether the value is only the rounding of its terms. */
  readonly isNoise: boolean;
}

/** f(x) divided by its largest term: same sign, same roots, and never an overflow. */
function scaledValue(terms: readonly ExponentialTerm[], x: number): Scaled {
  const logs = terms.map(
    ({ coefficient, exponent }) => Math.log(Math.abs(coefficient)) - x * exponent,
  );
  const most = largest(logs);
  const parts = terms.map(
    ({ coefficient }, index) => Math.sign(coefficient) * Math.exp((logs[index] ?? 0) - most),
  );
  const value = sum(parts);
  const size = sum(parts.map(Math.abs));
  // Each part carries the rounding of its exponent too, hence the size of the logarithms.
  const precision = NOISE * (1 + Math.abs(most));
  return { value, isNoise: Math.abs(value) <= precision * size };
}

function onlyRoot(terms: readonly ExponentialTerm[]): number[] {
  const start = 0;
  const { value } = scaledValue(terms, start);
  if (value === 0) return [start];
  // For large x the smallest exponent dominates; the sign there shows on which side of 0 the root lies.
  const onTheRight = Math.sign(value) !== Math.sign(terms[0]?.coefficient ?? 0);
  return rootBeyond(terms, start, onTheRight ? 1 : -1);
}

/** The root between a point and the far end of the axis, where a sign change proves that there is one. */
function rootBeyond(terms: readonly ExponentialTerm[], start: number, side: 1 | -1): number[] {
  const f = (x: number) => scaledValue(terms, x).value;
  const signAtStart = Math.sign(f(start));
  const first = terms[0]?.exponent ?? 0;
  const last = terms.at(-1)?.exponent ?? 0;
  let width = 1 / (last - first);
  let near = start;
  let far = start + side * width;
  while (Math.sign(f(far)) === signAtStart) {
    near = far;
    width *= 2;
    far += side * width;
  }
  // So far out that the exponents have no digits left: no double holds such a rate.
  if (Number.isNaN(f(far))) return [];
  return [rootWithin(terms, Math.min(near, far), Math.max(near, far))];
}

/** The root in a bracket, to the last digits that the terms allow. */
function rootWithin(terms: readonly ExponentialTerm[], low: number, high: number): number {
  const root = rootInBracket((x) => scaledValue(terms, x).value, low, high);
  // The sums have no poles. Where no value is smaller than those at the ends, all of them are the rounding of the terms,
  // and every place between is as near to zero as the next.
  return root ?? (low + high) / 2;
}

/** The roots of f, given those of its (shifted) derivative: at most one on each stretch between. */
function rootsBetween(
  terms: readonly ExponentialTerm[],
  turningPoints: readonly number[],
): number[] {
  const first = turningPoints[0];
  const last = turningPoints.at(-1);
  const signAtMinusInfinity = Math.sign(terms.at(-1)?.coefficient ?? 0);
  const signAtPlusInfinity = Math.sign(terms[0]?.coefficient ?? 0);
  if (first === undefined || last === undefined) {
    // Monotone throughout: one root if the ends differ.
    return signAtMinusInfinity === signAtPlusInfinity ? [] : onlyRoot(terms);
  }
  const f = (x: number) => scaledValue(terms, x).value;
  const touching = new Set(turningPoints.filter((x) => scaledValue(terms, x).isNoise));
  // Next to a point that touches zero a monotone stretch has no further root.
  const crosses = (x: number, sign: number) => !touching.has(x) && Math.sign(f(x)) !== sign;
  const roots = [...touching];
  if (crosses(first, signAtMinusInfinity)) roots.push(...rootBeyond(terms, first, -1));
  if (crosses(last, signAtPlusInfinity)) roots.push(...rootBeyond(terms, last, 1));
  turningPoints.forEach((right, index) => {
    const left = turningPoints[index - 1];
    if (left === undefined || touching.has(left)) return;
    if (crosses(right, Math.sign(f(left)))) roots.push(rootWithin(terms, left, right));
  });
  return roots.sort((one, other) => one - other);
}
