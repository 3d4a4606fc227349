import { sum } from "../../numbers/sum";
import type { ExponentialTerm } from "../roots/exponential-sum-roots";
import { forceAbove, forceBelow } from "./unique-force";
import { PART_BETWEEN } from "../../numbers/compare";

/**
 * The roots of a balance whose running totals change sign at most once, both forwards and backwards. By Abel's
 * summation, there are at most as many roots above zero as sign changes in the totals from the first payment
 * on, and at most as many below zero as in the totals from the last payment back.
 *
 * @returns ascending; `null` if the totals do not decide, or the payments cancel out at a rate of zero
 * Source: C. J. Norstrøm, A sufficient condition for a unique nonnegative internal rate of return,
 *   JFQA 7 (1972)
 */
export function byRunningTotals(
  terms: readonly ExponentialTerm[],
  balance: (force: number) => number,
): number[] | null {
  const amounts = terms.map(({ coefficient }) => coefficient);
  const total = sum(amounts);
  const size = sum(amounts.map(Math.abs));
  // A total that is only rounding has no sign.
  if (Math.abs(total) < PART_BETWEEN.engine * size) return null;
  const forwards = changesInTotals(amounts, size);
  const backwards = changesInTotals([...amounts].reverse(), size);
  if (forwards > 1 || backwards > 1) return null;
  const middle = Math.sign(total);
  const roots: (number | null)[] = [];
  if (backwards === 1) roots.push(forceBelow(balance, 0, middle, Number.NEGATIVE_INFINITY));
  if (forwards === 1) roots.push(forceAbove(balance, 0, -middle));
  return roots.filter((root) => root !== null);
}

function changesInTotals(amounts: readonly number[], size: number): number {
  let total = 0;
  let before = 0;
  let changes = 0;
  for (const amount of amounts) {
    total += amount;
    if (Math.abs(total) < PART_BETWEEN.engine * size) continue;
    const sign = Math.sign(total);
    if (before !== 0 && sign !== before) changes += 1;
    before = sign;
  }
  return changes;
}
