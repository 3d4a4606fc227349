import { tickStep } from "d3-array";
import { withDigits } from "@kestrelmoor/core";
import type { FigureUnit } from "@kestrelmoor/core";
import { ticksWithin, wholeTicksWithin } from "../../../charts/round-ticks";

export interface Range {
  readonly from: number;
  readonly to: number;
}

/** Points of a chart; payments come whole, so there may be fewer. */
const CHART_POINTS = 100;
/** About so many rows, from round figure to round figure. */
const TABLE_STEPS = 6;

/** A range ends at a round figure, about this part of the figure in its middle. */
const RANGE_STEPS = 15;

/** A range around a figure that is worth a look: half as much to half as much again, a few points of a rate. */
export function rangeAround(value: number, unit: FigureUnit): Range {
  if (unit === "percent") {
    const reach = Math.max(2, Math.round(Math.abs(value) / 2));
    const middle = Math.round(value);
    return { from: value > 0 ? Math.max(0, middle - reach) : middle - reach, to: middle + reach };
  }
  if (value === 0) return unit === "money" ? { from: 0, to: 1000 } : { from: 0, to: 10 };
  const [low, high] = [value * 0.5, value * 1.5].sort((one, other) => one - other);
  const step = tickStep(0, Math.abs(value), RANGE_STEPS);
  const least = unit === "payments" ? 1 : unit === "years" ? step / 10 : -Infinity;
  return {
    from: Math.max(least, Math.round((low ?? 0) / step) * step),
    to: withDigits(Math.round((high ?? 0) / step) * step, 12),
  };
}

/** The figures of an axis of a chart, evenly from one end to the other. */
export function chartValues({ from, to }: Range, unit: FigureUnit): number[] {
  return unit === "payments" ? wholeValues(from, to, CHART_POINTS) : evenly(from, to, CHART_POINTS);
}

/** The figures of an axis of a table: round ones, the ends of the range, and the present one among them. */
export function tableValues({ from, to }: Range, unit: FigureUnit, present: number): number[] {
  const isWhole = unit === "payments";
  const [first, last] = isWhole ? [Math.ceil(from), Math.floor(to)] : [from, to];
  const marks = isWhole
    ? wholeTicksWithin(first, last, TABLE_STEPS)
    : ticksWithin(first, last, TABLE_STEPS);
  const between = marks.filter((value) => !isSame(value, last) && !isSame(value, first));
  const values = last > first ? [first, ...between, last] : [first];
  if (present < from || present > to || values.some((value) => isSame(value, present))) {
    return values;
  }
  return [...values, present].sort((one, other) => one - other);
}

/** The place of the value that lies nearest to a figure. */
export function nearest(values: readonly number[], figure: number): number {
  const distances = values.map((value) => Math.abs(value - figure));
  return Math.max(0, distances.indexOf(Math.min(...distances)));
}

/** Figures of a range are typed, or made of such: a billionth of them is rounding, and of what is small too. */
const ROUNDING = 1e-9;

export function isSame(one: number, other: number): boolean {
  return Math.abs(one - other) <= ROUNDING * Math.max(1, Math.abs(other));
}

function evenly(from: number, to: number, steps: number): number[] {
  return Array.from({ length: steps + 1 }, (_, index) =>
    index === steps ? to : withDigits(from + ((to - from) * index) / steps, 12),
  );
}

function wholeValues(from: number, to: number, steps: number): number[] {
  const [first, last] = [Math.ceil(from), Math.floor(to)];
  const step = Math.max(1, Math.ceil((last - first) / steps));
  const count = Math.max(0, Math.floor((last - first) / step)) + 1;
  return Array.from({ length: count }, (_, index) => first + index * step);
}
