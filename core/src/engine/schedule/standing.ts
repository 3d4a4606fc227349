import { growthFactor, logGrowth, type Accumulation } from "../rates/accumulation";
import type { OtherAmount, Plan } from "./plan";
import { isBefore, isSameTime } from "../numbers/compare";

/** Where the account stands just after a payment. */
export interface Standing {
  readonly balance: number;
  readonly time: number;
  /** How many of the other amounts have joined the balance. */
  readonly joined: number;
}

/** What amounts after a time are worth at it: the balance that must be left for them. */
export function leftFor(
  others: readonly OtherAmount[],
  growth: Accumulation,
  time: number,
): number {
  return others.reduce(
    (sum, other) => sum - other.amount * growthFactor(growth, other.time, time),
    0,
  );
}

/** What adds to the balance at a payment's own moment comes first; what leaves it then comes after. */
export function joinsBefore(other: OtherAmount, time: number): boolean {
  return isBefore(other.time, time) || (isSameTime(other.time, time) && other.amount > 0);
}

/**
 * What 1 earns between two times. Between neighbouring payments the period itself is taken: the
 * difference of two far times would lose the digits by which half a cent is told.
 */
export function interestFactor(
  { frequency }: Plan,
  growth: Accumulation,
  from: number,
  to: number,
): number {
  const period = 1 / frequency;
  const { starts, forces } = growth;
  const isOnePeriod = starts.length === 1 && isSameTime(to - from, period);
  return Math.expm1(isOnePeriod ? (forces[0] ?? 0) * period : logGrowth(growth, from, to));
}
