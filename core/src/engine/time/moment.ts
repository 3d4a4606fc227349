import { plainDecimal } from "../numbers/plain-decimal";
import { withDigits } from "../numbers/with-digits";
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
