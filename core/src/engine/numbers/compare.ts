/*
 * When two numbers are the same. What a textbook calls equal is summed from different fractions and differs in its last
 * digits: here stands how much of that is overlooked, and why.
 */

/** In years, a thirtieth of a second: a thousand years lose less in their last digits, and nobody means so little. */
const SAME_TIME = 1e-9;

/** In periods, steps or multiples: these are quotients of times, and are told from a whole number by no less. */
const SAME_COUNT = 1e-9;

/** In percentage points: percents are typed in decimals. */
const SAME_PERCENT = 1e-9;

/** Whether two times, in years, are the same. */
export function isSameTime(one: number, other: number): boolean {
  return one === other || Math.abs(one - other) <= SAME_TIME;
}

/** Whether a time, in years, is earlier than another and not the same. */
export function isBefore(one: number, other: number): boolean {
  return one < other - SAME_TIME;
}

/** Whether a time, in years, is the same as another or earlier. */
export function isUpTo(one: number, other: number): boolean {
  return one <= other + SAME_TIME;
}

/** Whether two counts are the same. */
export function isSameCount(one: number, other: number): boolean {
  return one === other || Math.abs(one - other) <= SAME_COUNT;
}

/** How many are whole in a count: its floor, where what is short of a whole one by rounding alone is whole. */
export function wholeUpTo(count: number): number {
  return Math.floor(count + SAME_COUNT);
}

/** How many it takes to hold a count: its ceiling, where what exceeds a whole one by rounding alone is none more. */
export function wholeFrom(count: number): number {
  // The sum makes a nought of −0.
  return Math.ceil(count - SAME_COUNT) + 0;
}

/** The whole number that a count is but for rounding, which grows with it; `null` where it is none. */
export function asWhole(count: number): number | null {
  const whole = Math.round(count);
  return Math.abs(count - whole) <= SAME_COUNT * Math.max(1, Math.abs(count)) ? whole : null;
}

/** Whether two percents are the same. */
export function isSamePercent(one: number, other: number): boolean {
  return one === other || Math.abs(one - other) <= SAME_PERCENT;
}

/** What part of two values may be between them where they are the same value. */
export const PART_BETWEEN = {
  /** Both by the engine: it is right to twelve digits. */
  engine: 1e-12,
  /** One of them worked out in steps, where differences lose a digit. */
  steps: 1e-11,
  /** Reached in ways that have nothing in common, or from what somebody has typed. */
  anyWay: 1e-9,
} as const;

/** Whether two values are the same but for a part of the larger one. */
export function isClose(one: number, other: number, part: number): boolean {
  if (one === other) return true;
  const apart = Math.abs(one - other);
  return apart < Infinity && apart <= part * Math.max(Math.abs(one), Math.abs(other));
}
