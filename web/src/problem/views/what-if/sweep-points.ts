import { roundTicks, type RoundTicks } from "../../../charts/round-ticks";
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

/** A scale on which every answer of some sweeps has its place. */
export function scaleOf(sweeps: readonly (SweepOutcome | null)[]): RoundTicks {
  const all = sweeps
    .flatMap((sweep) => sweep?.cells ?? [])
    .flatMap((row) => [...row].filter(Number.isFinite));
  return all.length === 0 ? roundTicks(0, 1) : roundTicks(Math.min(...all), Math.max(...all));
}
