import { roundScale } from "./ranges";
import type { SweepOutcome } from "./use-sweep";

/** One figure and the answer for it. */
export interface ChartPoint {
  readonly x: number;
  /** `null` where there is no answer: the line has a gap there. */
  readonly y: number | null;
}

/** A sweep of one field down, or of one row across, as points of a line. */
export function pointsOf({ first, second, cells }: SweepOutcome): ChartPoint[] {
  const point = (x: number, y = Number.NaN) => ({ x, y: Number.isFinite(y) ? y : null });
  return second === null
    ? first.values.map((x, row) => point(x, cells[row]?.[0]))
    : second.values.map((x, column) => point(x, cells[0]?.[column]));
}

/** A scale on which every answer of a sweep has its place; `null` where there is none. */
export function scaleOf({ cells }: SweepOutcome): readonly [number, number] | null {
  const all = cells.flatMap((row) => [...row]).filter((value) => Number.isFinite(value));
  return all.length === 0 ? null : roundScale(Math.min(...all), Math.max(...all));
}
