import type { DatedAmount } from "../flows/flow-kind";
import { daysBetween } from "../time/calendar";
import { DAYS_PER_YEAR, frequencyOf } from "../time/duration";

/**
 * Amounts at even intervals, the first of them at time 0.
 *
 * @param amounts signed: in +, out −
 * @param every ISO 8601, such as P1Y
 */
export function evenFlows(amounts: readonly number[], every: string): DatedAmount[] {
  const frequency = frequencyOf(every);
  return amounts.map((amount, index) => ({ amount, at: index / frequency }));
}

/**
 * Amounts on calendar dates, in time order, counted from the earliest in years of 365 days.
 *
 * @param entries dates in ISO 8601 that exist
 */
export function datedFlows(
  entries: readonly { readonly on: string; readonly amount: number }[],
): DatedAmount[] {
  // ISO 8601 dates sort as text.
  const ordered = [...entries].sort((one, other) => (one.on < other.on ? -1 : 1));
  const start = ordered[0]?.on ?? "";
  return ordered.map(({ on, amount }) => ({ amount, at: daysBetween(start, on) / DAYS_PER_YEAR }));
}
