import { rootInBracket } from "../roots/root-in-bracket";

/** The largest force whose rate fits in a double. */
const LARGEST_FORCE = 1e7;

/** A usual rate lies within this, and is bracketed in the first step. */
const FIRST_STEP = 0.1;

/**
 * The one root of a balance that is known to change sign exactly once.
 *
 * @param balance over forces of interest above `least`
 * @param early its sign for the largest forces, where only the earliest flow matters
 * @param least minus infinity, or the least force at which a perpetuity has a value
 * @returns infinite if the root lies above every rate that can be written, `null` if it lies below
 */
export function uniqueForce(
  balance: (force: number) => number,
  early: number,
  least: number,
): number | null {
  const start = least < 0 ? 0 : least + 0.05;
  const atStart = Math.sign(balance(start));
  if (atStart === 0) return start;
  if (Number.isNaN(atStart)) return null;
  return atStart === early
    ? forceBelow(balance, start, early, least)
    : forceAbove(balance, start, early);
}

/**
 * The one root above `start`, found by steps upwards until the sign is that of the earliest flow; infinite if
 * it passes every rate that can be written.
 */
export function forceAbove(
  balance: (force: number) => number,
  start: number,
  early: number,
): number | null {
  let near = start;
  for (let width = FIRST_STEP; width < LARGEST_FORCE; width *= 2) {
    const far = start + width;
    const sign = Math.sign(balance(far));
    if (Number.isNaN(sign)) return null;
    if (sign === early) return rootInBracket(balance, near, far);
    near = far;
  }
  return Number.POSITIVE_INFINITY;
}

/** The one root below `start`, found by steps down, or ever closer to `least`, until the sign changes. */
export function forceBelow(
  balance: (force: number) => number,
  start: number,
  signAtStart: number,
  least: number,
): number | null {
  let near = start;
  for (let width = FIRST_STEP; width < LARGEST_FORCE; width *= 2) {
    const far =
      least === Number.NEGATIVE_INFINITY
        ? start - width
        : least + ((start - least) * FIRST_STEP) / (2 * width);
    const sign = Math.sign(balance(far));
    if (Number.isNaN(sign)) return null;
    if (sign !== signAtStart) return rootInBracket(balance, far, near);
    near = far;
  }
  return null;
}
