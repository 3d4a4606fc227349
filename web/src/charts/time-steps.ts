import { wholeUpTo } from "@kestrelmoor/core";

/** Steps that people count in: months up to a year, then years by 1, 2, 5, 10 … */
const STEPS = [1 / 12, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50, 100, 200, 500];

/** The smallest step that divides a span of years into no more than so many; the span itself if none does. */
export function timeStep(span: number, most: number): number {
  return STEPS.find((step) => span / step <= most) ?? span;
}

/** Times from today to the end of a span, so many steps at the most. */
export function timeTicks(span: number, most: number): readonly number[] {
  const step = timeStep(span, most);
  return Array.from({ length: wholeUpTo(span / step) + 1 }, (_, place) => place * step);
}
