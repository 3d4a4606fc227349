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

/** Whether the calendar has a date. @param text in the form of ISO 8601, such as 2027-02-29 */
export function isCalendarDate(text: string): boolean {
  const [year = 0, month = 0, day = 0] = text.split("-").map(Number);
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const lengths = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return day >= 1 && day <= (lengths[month - 1] ?? 0);
}
