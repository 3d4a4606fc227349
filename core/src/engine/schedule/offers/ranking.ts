import type { ScheduleRun } from "../schedule";
import { whenHeld } from "./when-held";
import { isSamePercent } from "../../numbers/compare";

/** How loans rank for whoever holds them for a time. */
export interface RankingSpan {
  /** Shortest and longest time of holding, in years, that it is so for; both are moments of a payment. */
  readonly from: number;
  readonly to: number;
  /** Places in the list of loans, the cheapest first; ones without a cost come last. */
  readonly order: readonly number[];
}

/** Looks at this many moments before it looks closer; at fewer where each costs thousands of payments. */
const MOST_MOMENTS = 60;
const FEWEST_MOMENTS = 12;

/** @param payments of the longest loan */
export function momentsOf(payments: number): number {
  return Math.min(MOST_MOMENTS, Math.max(FEWEST_MOMENTS, Math.floor(40_000 / payments)));
}

/**
 * The order of loans by effective yearly cost, over every time for which they may be held, to the payment.
 * A change of order that is undone within a sixtieth of the time (a twelfth for many thousands of payments)
 * may be missed.
 *
 * @param runs loans that are paid equally often
 * @param frequency payments a year
 */
export function rankingByHolding(runs: readonly ScheduleRun[], frequency: number): RankingSpan[] {
  const longest = Math.max(0, ...runs.map(({ schedule }) => schedule.rows.at(-1)?.time ?? 0));
  const last = Math.max(1, Math.round(longest * frequency));
  const known = new Map<number, readonly number[]>();
  const orderAt = (payment: number): readonly number[] => {
    const order = known.get(payment) ?? orderOf(runs, payment / frequency);
    known.set(payment, order);
    return order;
  };
  const step = Math.max(1, Math.ceil(last / momentsOf(last)));
  const spans: { from: number; to: number; order: readonly number[] }[] = [];
  const add = (from: number, to: number) => {
    const order = orderAt(to);
    const before = spans.at(-1);
    if (before !== undefined && isSame(before.order, order)) before.to = to;
    else spans.push({ from, to, order });
  };
  add(1, 1);
  let told = 1;
  while (told < last) {
    const nextMoment = Math.min(last, Math.ceil(told / step) * step + 1);
    const to = lastAlike(orderAt, told + 1, nextMoment);
    add(told + 1, to);
    told = to;
  }
  return spans.map(({ from, to, order }) => ({
    from: from / frequency,
    to: to / frequency,
    order,
  }));
}

/** The last payment of a span with the order of its first, by halving. */
function lastAlike(
  orderAt: (payment: number) => readonly number[],
  from: number,
  until: number,
): number {
  const own = orderAt(from);
  if (isSame(own, orderAt(until))) return until;
  let [alike, other] = [from, until];
  while (other - alike > 1) {
    const middle = Math.floor((alike + other) / 2);
    if (isSame(own, orderAt(middle))) alike = middle;
    else other = middle;
  }
  return alike;
}

function orderOf(runs: readonly ScheduleRun[], years: number): number[] {
  const costs = runs.map((run) => whenHeld(run, years)?.effectivePercent ?? Infinity);
  return costs
    .map((cost, place) => ({ cost, place }))
    .sort((one, other) =>
      isSamePercent(one.cost, other.cost) ? one.place - other.place : one.cost - other.cost,
    )
    .map(({ place }) => place);
}

function isSame(one: readonly number[], other: readonly number[]): boolean {
  return one.every((place, index) => place === other[index]);
}
