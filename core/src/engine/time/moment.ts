import { isBefore } from "../numbers/compare";
import { plainDecimal } from "../numbers/plain-decimal";
import { withDigits } from "../numbers/with-digits";
import { dateAfter } from "./calendar";
import { yearsBetween, type DayCount } from "./day-count";
import { yearsOf } from "./duration";

/** What a problem counts its dates by. */
export interface Calendar {
  /** The date of time 0, ISO 8601. */
  readonly today: string;
  readonly dayCount: DayCount;
}

/** Whether a time of a problem file is a date, and not a duration. */
export function isDate(moment: string): boolean {
  return /^\d/.test(moment);
}

/**
 * A time of a problem file in years from today; below zero before it.
 *
 * @param moment an ISO 8601 date, or a duration, which may have a minus sign in front: textbook years
 * @param calendar for dates, and `null` where there are none
 */
export function yearsOfMoment(moment: string, calendar: Calendar | null): number {
  if (isDate(moment)) {
    if (calendar === null) throw new TypeError(`A checked problem with ${moment} has a today`);
    return yearsBetween(calendar.today, moment, calendar.dayCount);
  }
  return moment.startsWith("-") ? -yearsOf(moment.slice(1)) : yearsOf(moment);
}

/** Years from today as the problem file writes them; below zero before it. */
export function isoYears(years: number): string {
  const length = `P${plainDecimal(withDigits(Math.abs(years), 15))}Y`;
  return years < 0 ? `-${length}` : length;
}

/**
 * The date at so many years from today: the one whose time is nearest.
 *
 * @returns ISO 8601; `null` beyond the years 0 to 9999
 */
export function dateAt(years: number, { today, dayCount }: Calendar): string | null {
  const guess = dateAfter(today, Math.round(years * DAYS_PER_CALENDAR_YEAR));
  let nearest: string | null = null;
  let least = Number.POSITIVE_INFINITY;
  // A year of 360 days falls behind the calendar by five days and a quarter each year.
  const reach = 4 + Math.ceil(Math.abs(years) * 6);
  for (let days = -reach; days <= reach; days += 1) {
    const date = dateAfter(guess, days);
    const apart = Math.abs(yearsBetween(today, date, dayCount) - years);
    if (isBefore(apart, least)) [nearest, least] = [date, apart];
  }
  return nearest !== null && nearest.length === today.length ? nearest : null;
}

const DAYS_PER_CALENDAR_YEAR = 365.2425;
