import { withDigits, asWhole } from "@kestrelmoor/core";
import { timeStep } from "../../charts/time-steps";

/** A step is at least as wide as a fingertip can aim. */
const NARROWEST_STEP = 7;

/** The axis as a scale between years and pixels. */
export interface TimeScale {
  /** The years from its left end to its right one. */
  readonly span: number;
  readonly left: number;
  readonly right: number;
}

export function xOfYears({ span, left, right }: TimeScale, years: number): number {
  return left + (years / span) * (right - left);
}

/** The years at a place of the axis. */
export function yearsAtX(scale: TimeScale, x: number): number {
  const { span, left, right } = scale;
  return within(scale, ((x - left) / (right - left)) * span);
}

/** A time that the axis has: never before today, and a little beyond its end at the most. */
export function within({ span }: TimeScale, years: number): number {
  return Math.min(Math.max(0, years), span * 1.06);
}

/** What a time on this axis snaps to, in years. */
export function snapStep({ span, left, right }: TimeScale): number {
  return timeStep(span, (right - left) / NARROWEST_STEP);
}

/** The nearest time that is a whole number of steps. */
export function snapped(years: number, step: number): number {
  return withDigits(Math.round(years / step) * step, 12);
}

/** The next time that is a whole number of steps, in either direction; never before today. */
export function nudged(years: number, step: number, by: number): number {
  const steps = years / step;
  const from = asWhole(steps) ?? (by > 0 ? Math.floor(steps) : Math.ceil(steps));
  return Math.max(0, withDigits((from + by) * step, 12));
}
