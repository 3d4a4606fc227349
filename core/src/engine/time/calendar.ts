/** Days of the year before each month, from March on: leap days then come at the end. */
const DAYS_BEFORE_MONTH = [0, 31, 61, 92, 122, 153, 184, 214, 245, 275, 306, 337] as const;

/**
 * Days from one calendar date to another, by the Gregorian calendar.
 *
 * @param from ISO 8601, such as 2027-03-01; a date that exists
 * @param to the same
 * @returns below zero where `to` is the earlier
 */
export function daysBetween(from: string, to: string): number {
  return dayNumber(to) - dayNumber(from);
}

/** Days since 1 March of the year 0. */
function dayNumber(date: string): number {
  const [year = 0, month = 1, day = 1] = date.split("-").map(Number);
  const sinceMarch = (month + 9) % 12;
  // January and February belong to the year that began in March before them.
  const ownYear = sinceMarch >= 10 ? year - 1 : year;
  const leapDays = Math.floor(ownYear / 4) - Math.floor(ownYear / 100) + Math.floor(ownYear / 400);
  return ownYear * 365 + leapDays + (DAYS_BEFORE_MONTH[sinceMarch] ?? 0) + day - 1;
}

/**
 * The date so many days after another.
 *
 * @param from ISO 8601; a date that exists
 * @param days whole; below zero for earlier
 * @returns ISO 8601, for the years 0 to 9999
 */
export function dateAfter(from: string, days: number): string {
  const number = dayNumber(from) + days;
  const era = Math.floor(number / DAYS_PER_ERA);
  const inEra = number - era * DAYS_PER_ERA;
  // Years of 365 days, less the leap days that have passed: every 4 years, not every 100, but every 400.
  const yearInEra = Math.floor(
    (inEra - Math.floor(inEra / 1460) + Math.floor(inEra / 36524) - Math.floor(inEra / 146096)) /
      365,
  );
  const inYear =
    inEra - (365 * yearInEra + Math.floor(yearInEra / 4) - Math.floor(yearInEra / 100));
  const sinceMarch = DAYS_BEFORE_MONTH.findLastIndex((before) => before <= inYear);
  const month = ((sinceMarch + 2) % 12) + 1;
  const year = era * 400 + yearInEra + (month <= 2 ? 1 : 0);
  return isoDate(year, month, inYear - (DAYS_BEFORE_MONTH[sinceMarch] ?? 0) + 1);
}

/** 400 years, after which the calendar repeats. */
const DAYS_PER_ERA = 146_097;

/** @param month from 1 @returns ISO 8601 */
export function isoDate(year: number, month: number, day: number): string {
  const padded = (figure: number, length: number) => String(figure).padStart(length, "0");
  return `${padded(year, 4)}-${padded(month, 2)}-${padded(day, 2)}`;
}

/** How many days a month has. @param month from 1 */
export function daysInMonth(year: number, month: number): number {
  const isLeap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  return [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1] ?? 0;
}

/** Whether the calendar has a date. @param text in the form of ISO 8601, such as 2027-02-29 */
export function isCalendarDate(text: string): boolean {
  const [year = 0, month = 0, day = 0] = text.split("-").map(Number);
  return day >= 1 && day <= daysInMonth(year, month);
}
