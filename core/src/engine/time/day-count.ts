import { daysBetween, daysInMonth, isoDate } from "./calendar";

/**
 * How the days between two dates become years.
 * - `actual/365`, `actual/360`: calendar days over a year of that many
 * - `30/360`: the bond basis, in which every month has 30 days
 * - `actual/actual`: calendar days, those of a leap year over 366 and others over 365
 */
export const DAY_COUNTS = ["actual/365", "actual/360", "30/360", "actual/actual"] as const;

export type DayCount = (typeof DAY_COUNTS)[number];

export const USUAL_DAY_COUNT: DayCount = "actual/365";

/** The days of a year by a day count; `null` where each year has its own. */
export function daysOfYear(dayCount: DayCount): 365 | 360 | null {
  if (dayCount === "actual/actual") return null;
  return dayCount === "actual/365" ? 365 : 360;
}

/**
 * The time from one date to another in years.
 *
 * @param from ISO 8601, a date that exists
 * @param to the same
 * @returns below zero where `to` is the earlier: the same time the other way round
 * Accuracy: one division, and for `actual/actual` one for each end: relative 4e-16.
 * Source: ISDA Definitions 2006, 4.16 (actual/365 fixed, actual/360, 30/360 bond basis, actual/actual ISDA)
 */
export function yearsBetween(from: string, to: string, dayCount: DayCount): number {
  // ISO 8601 dates sort as text. By 30/360 a 30th and a 31st are one day, whose zero has no sign.
  if (to < from) return 0 - yearsBetween(to, from, dayCount);
  switch (dayCount) {
    case "actual/365":
      return daysBetween(from, to) / 365;
    case "actual/360":
      return daysBetween(from, to) / 360;
    case "30/360":
      return daysOfThirty(from, to) / 360;
    case "actual/actual":
      return yearsOfTheirOwn(from, to);
  }
}

/** The days that a day count finds between two dates, the later one second. */
export function countedDays(from: string, to: string, dayCount: DayCount): number {
  return dayCount === "30/360" ? daysOfThirty(from, to) : daysBetween(from, to);
}

/** The 31st is a 30th: of the first date always, of the second where the first is one of the two. */
function daysOfThirty(from: string, to: string): number {
  const [firstYear, firstMonth, day] = partsOf(from);
  const [lastYear, lastMonth, otherDay] = partsOf(to);
  const firstDay = Math.min(day, 30);
  const lastDay = firstDay === 30 ? Math.min(otherDay, 30) : otherDay;
  return (lastYear - firstYear) * 360 + (lastMonth - firstMonth) * 30 + (lastDay - firstDay);
}

/** Each day over the length of its own year. */
function yearsOfTheirOwn(from: string, to: string): number {
  const [firstYear] = partsOf(from);
  const [lastYear] = partsOf(to);
  if (firstYear === lastYear) return daysBetween(from, to) / daysInYear(firstYear);
  const untilNewYear = daysBetween(from, isoDate(firstYear + 1, 1, 1)) / daysInYear(firstYear);
  const sinceNewYear = daysBetween(isoDate(lastYear, 1, 1), to) / daysInYear(lastYear);
  return lastYear - firstYear - 1 + untilNewYear + sinceNewYear;
}

function daysInYear(year: number): number {
  return daysInMonth(year, 2) + 337;
}

function partsOf(date: string): [year: number, month: number, day: number] {
  const [year = 0, month = 0, day = 0] = date.split("-").map(Number);
  return [year, month, day];
}
