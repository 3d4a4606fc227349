import type { DatedAmount } from "../flows/flow-kind";
import { issue } from "../issues/issue";
import { logAccumulation } from "../rates/accumulation";
import { percentFromForce } from "../rates/force-of-interest";
import { fail, succeed, type Result } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Spell, Timeline } from "../timeline/timeline";
import { gatherTerms, signChanges } from "./roots/exponential-sum-roots";
import { rootInBracket } from "./roots/root-in-bracket";
import { whyNoRate } from "./why-no-rate";

/**
 * One unknown percent in several spells. Every force rises with it; if the money changes direction
 * once, then seen from that moment what lies before only grows with the rate and what lies after only
 * shrinks: the balance is monotone and its root the only one.
 */
export function linkedPercent(
  timeline: Timeline,
  amounts: readonly DatedAmount[],
): Result<number[]> {
  const ordered = gatherTerms(
    amounts.map(({ amount, at }) => ({ coefficient: amount.known, exponent: at })),
  );
  const changes = signChanges(ordered);
  if (changes === 0) return fail(whyNoRate(ordered.length, amounts, timeline));
  if (changes > 1) return fail(issue("rates-too-entangled", [], {}));
  const balance = (percent: number): number => {
    const growth = accumulationOf(timeline, percent);
    if (!growth.ok) return Number.NaN;
    const logs = ordered.map(({ exponent }) => -logAccumulation(growth.value, exponent));
    const largest = Math.max(...logs);
    return ordered.reduce(
      (total, { coefficient }, index) =>
        total + coefficient * Math.exp((logs[index] ?? 0) - largest),
      0,
    );
  };
  const bracket = linkedBracket(balance, lowestPercent(timeline));
  const root = bracket === null ? null : rootInBracket(balance, bracket[0], bracket[1]);
  return root === null ? fail(issue("no-rate-balances", [], {})) : succeed([root]);
}

/** The percent at which the first of the linked spells would lose everything. */
function lowestPercent(timeline: Timeline): number {
  const floors = timeline.spells
    .filter(({ percent }) => percent.perUnknown !== 0)
    .map(({ percent, quotation }) => floorOf(quotation) - percent.known);
  return Math.max(...floors);
}

function floorOf(quotation: Spell["quotation"]): number {
  if (quotation.quoted === "continuous") return -1e5;
  // The nominal floor is −100 % times the periods in a year: what a force of −∞ comes to.
  return percentFromForce(Number.NEGATIVE_INFINITY, quotation);
}

const HIGHEST_LINKED_PERCENT = 1e7;

/** Walks outwards from 0 % until the balance has changed its sign, never reaching the floor. */
function linkedBracket(
  balance: (percent: number) => number,
  floor: number,
): readonly [number, number] | null {
  const start = Math.max(0, floor + 1);
  const sign = Math.sign(balance(start));
  if (sign === 0) return [start, start];
  for (let gap = 1, low = start; ; gap *= 2) {
    const high = start + gap;
    if (Math.sign(balance(high)) !== sign) return [low, high];
    if (high > HIGHEST_LINKED_PERCENT) break;
    low = high;
  }
  for (let share = 0.5, high = start; share > 1e-12; share /= 2) {
    const low = floor + (start - floor) * share;
    if (Math.sign(balance(low)) !== sign) return [low, high];
    high = low;
  }
  return null;
}
