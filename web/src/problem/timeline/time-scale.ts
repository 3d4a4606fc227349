import { withDigits, asWhole } from "@kestrelmoor/core";
import { timeStep } from "../../charts/time-steps";

/** A step is at least as wide as a fingertip can aim. */
const NARROWEST_STEP = 7;

/** The axis as a scale between years and pixels. */
export interface TimeScale {
  /** The years at its left end: 0 for today, below it where something lies before today. */
  readonly start: number;
  /** The years at its right end. */
  readonly span: number;
  readonly left: number;
  readonly right: number;
}

export function xOfYears({ start, span, left, right }: TimeScale, years: number): number {
  return left + ((years - start) / (span - start)) * (right - left);
}

/** The years at a place of the axis. */
export function yearsAtX(scale: TimeScale, x: number): number {
  const { start, span, left, right } = scale;
  return within(scale, start + ((x - left) / (right - left)) * (span - start));
}

/** A time that the axis has: never before its start, and a little beyond its end at the most. */
export function within({ start, span }: TimeScale, years: number): number {
  return Math.min(Math.max(start, years), span + (span - start) * 0.06);
}

/** What a time on this axis snaps to, in years. */
export function snapStep({ start, span, left, right }: TimeScale): number {
  return timeStep(span - start, (right - left) / NARROWEST_STEP);
}

/** The nearest time that is a whole number of steps. */
export function snapped(years: number, step: number): number {
  return withDigits(Math.round(years / step) * step, 12);
}

/** The next time that is a whole number of steps, in either direction; never before the first there is. */
export function nudged(years: number, step: number, by: number, first = 0): number {
  const steps = years / step;
  const from = asWhole(steps) ?? (by > 0 ? Math.floor(steps) : Math.ceil(steps));
  return Math.max(first, withDigits((from + by) * step, 12));
}
