import type { PaymentRun } from "../../flows/payment-run";
import { leastForce } from "../../flows/convergence";
import { largest } from "../../numbers/extremes";
import { wholeNumbers } from "../../numbers/whole-numbers";
import { issue } from "../../issues/issue";
import { fail, succeed, type Result } from "../../result";
import { TICKS_PER_YEAR, ticksOf } from "../../time/ticks";
import {
  exponentialSumRoots,
  signChanges,
  type ExponentialTerm,
} from "../roots/exponential-sum-roots";
import { polynomialRates } from "../roots/polynomial-rates";
import type { Completeness } from "../solution";
import { directionsOf } from "./directions";
import { refinedNearZero } from "./near-zero";
import { balanceUnder } from "./rate-equation";
import { forcesOfFactors, MOST_TERMS, rateTerms } from "./rate-terms";
import { byRunningTotals } from "./running-totals";
import { uniqueForce } from "./unique-force";
import { PART_BETWEEN } from "../../numbers/compare";

/** The most work, as sign changes squared times payments: more would keep a server busy for seconds. */
const LARGEST_SEARCH = 2_000_000;
/** Exact arithmetic on longer polynomials takes too long. */
const LARGEST_DEGREE = 1200;

export interface Forces {
  /** Ascending; decimals a year. */
  readonly forces: readonly number[];
  readonly completeness: Completeness;
}

/**
 * All forces of interest at which runs balance. Proofs are tried from the cheapest: the flows change sign at
 * most once; their running totals do; the roots of the polynomial are isolated in exact arithmetic. For
 * uneven times, the turning points of the balance are found first, then its roots between them.
 *
 * @returns none if no force balances them; fails with `rate-search-too-large`
 */
export function allForces(runs: readonly PaymentRun[]): Result<Forces> {
  const least = largest(runs.map(leastForce));
  const balance = (force: number) => balanceUnder(runs, force);
  const { changes, early } = directionsOf(runs);
  if (changes === 0) return succeed({ forces: [], completeness: "one-change" });
  if (changes === 1) return succeed(unique(runs, uniqueForce(balance, early, least), "one-change"));
  const terms = rateTerms(runs);
  if (terms === null) return tooLarge(MOST_TERMS);
  if (terms.some(({ coefficient }) => !Number.isFinite(coefficient))) {
    return fail(issue("answer-too-large", [], {}));
  }
  const turns = signChanges(terms);
  if (turns === 0) return succeed({ forces: [], completeness: "one-change" });
  const isPlain = least === Number.NEGATIVE_INFINITY && forcesOfFactors(runs).length === 0;
  if (isPlain && turns === 1) {
    const first = Math.sign(terms[0]?.coefficient ?? 0);
    return succeed(unique(runs, uniqueForce(balance, first, least), "one-change"));
  }
  const byTotals = isPlain ? byRunningTotals(terms, balance) : null;
  if (byTotals !== null) {
    const forces = byTotals.map((force) => refinedNearZero(runs, force));
    return succeed({ forces, completeness: "running-totals" });
  }
  const exact = exactForces(terms);
  if (exact === null && turns ** 2 * terms.length > LARGEST_SEARCH) return tooLarge(LARGEST_SEARCH);
  const forces = exact ?? exponentialSumRoots(terms);
  return succeed({
    forces: forces.filter((force) => force > least && !isOfFactor(force, runs)),
    completeness: exact === null ? "turning-points" : "exact-isolation",
  });
}

function unique(
  runs: readonly PaymentRun[],
  force: number | null,
  completeness: Completeness,
): Forces {
  return { forces: force === null ? [] : [refinedNearZero(runs, force)], completeness };
}

function tooLarge(limit: number): Result<never> {
  return fail(issue("rate-search-too-large", [], { limit }));
}

/** The roots of payments at even intervals, of which their times are whole multiples. */
function exactForces(terms: readonly ExponentialTerm[]): number[] | null {
  const start = terms[0]?.exponent ?? 0;
  const ticks = terms.map(({ exponent }) => ticksOf(exponent - start));
  if (ticks.includes(null)) return null;
  const whole = ticks as number[];
  const spacing = whole.reduce(greatestCommonDivisor, 0);
  const degree = (whole.at(-1) ?? 0) / spacing;
  const amounts = wholeNumbers(terms.map(({ coefficient }) => coefficient));
  if (degree > LARGEST_DEGREE || amounts === null) return null;
  const polynomial = Array<bigint>(degree + 1).fill(0n);
  amounts.whole.forEach((amount, index) => {
    polynomial[(whole[index] ?? 0) / spacing] = amount;
  });
  const rates = polynomialRates(polynomial);
  return rates?.map((rate) => (Math.log1p(rate) * TICKS_PER_YEAR) / spacing) ?? null;
}

function greatestCommonDivisor(one: number, other: number): number {
  let [a, b] = [one, other];
  while (b !== 0) [a, b] = [b, a % b];
  return a;
}

/** A balance below this is zero: a billionth of the money's own unit. */
const NOTHING_LEFT = 1e-9;

/** Whether a root belongs only to a factor by which the balance was multiplied. */
function isOfFactor(force: number, runs: readonly PaymentRun[]): boolean {
  return forcesOfFactors(runs).some(
    (own) =>
      Math.abs(force - own) < PART_BETWEEN.anyWay * (1 + Math.abs(own)) &&
      Math.abs(balanceUnder(runs, own)) > NOTHING_LEFT,
  );
}
