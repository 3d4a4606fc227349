import { nice, ticks } from "d3-array";

/** Marks along an axis at round figures, of which the first and the last enclose the range. */
export interface RoundTicks {
  readonly ticks: readonly number[];
  readonly low: number;
  readonly high: number;
}

/** More marks than this stand too close to be read beside a small picture. */
const MOST_MARKS = 7;

/**
 * @param low of what is drawn
 * @param high of what is drawn; where it is not above `low`, one to either side is shown
 * @param about how many steps there should be
 */
export function roundTicks(low: number, high: number, about = 5): RoundTicks {
  if (!(high > low)) return roundTicks(low - 1, low + 1, about);
  const [from, to] = nice(low, high, about);
  const marks = ticks(from, to, about);
  if (marks.length > MOST_MARKS && about > 2) return roundTicks(low, high, about - 1);
  return { ticks: marks, low: from, high: to };
}

/** Marks at round figures within a range. */
export function ticksWithin(low: number, high: number, about = 6): readonly number[] {
  return ticks(low, high, about);
}

/** Marks within a range of whole figures, such as the numbers of payments. */
export function wholeTicksWithin(first: number, last: number, about = 6): readonly number[] {
  return ticks(first, last, Math.min(about, last - first));
}
