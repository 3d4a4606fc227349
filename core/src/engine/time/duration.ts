import { plainDecimal } from "../numbers/plain-decimal";

/** A length of time in the four units of ISO 8601 that money is counted in. All are zero or more. */
export interface Duration {
  readonly years: number;
  readonly months: number;
  readonly weeks: number;
  readonly days: number;
}

/** The textbook year: only dated flows use the calendar. */
export const MONTHS_PER_YEAR = 12;
export const WEEKS_PER_YEAR = 52;
export const DAYS_PER_YEAR = 365;

/** With a fraction in the last one alone. */
const NUMBER = String.raw`(\d+(?:[.,]\d+(?=.$))?)`;
const PATTERN = new RegExp(
  String.raw`^P(?=\d)(?:${NUMBER}Y)?(?:${NUMBER}M)?(?:${NUMBER}W)?(?:${NUMBER}D)?$`,
);

/**
 * Reads an ISO 8601 duration of years, months, weeks and days, such as `P2Y6M` or `P0.5M`.
 *
 * Only the smallest unit given may have a fraction, as the standard has it. Hours and smaller,
 * signs and the empty `P` are refused.
 *
 * @returns the duration, or `null` where the text is not one
 * Source: ISO 8601-1:2019, 5.5.2
 */
export function parseDuration(text: string): Duration | null {
  const match = PATTERN.exec(text);
  if (match === null) return null;
  const [, years, months, weeks, days] = match;
  return {
    years: amountOf(years),
    months: amountOf(months),
    weeks: amountOf(weeks),
    days: amountOf(days),
  };
}

function amountOf(part: string | undefined): number {
  return part === undefined ? 0 : Number(part.replace(",", "."));
}

/**
 * Writes a duration in ISO 8601, shortest form; nothing at all is `P0D`.
 * Only its smallest unit may have a fraction: see `parseDuration`.
 */
export function formatDuration(duration: Duration): string {
  const parts: [number, string][] = [
    [duration.years, "Y"],
    [duration.months, "M"],
    [duration.weeks, "W"],
    [duration.days, "D"],
  ];
  const given = parts.filter(([amount]) => amount !== 0);
  if (given.length === 0) return "P0D";
  return "P" + given.map(([amount, unit]) => plainDecimal(amount) + unit).join("");
}

/** No time at all: today. */
export const NO_TIME: Duration = { years: 0, months: 0, weeks: 0, days: 0 };

/** A time and so many periods more, each part counted in its own unit: nothing is rounded. */
export function after(start: Duration, period: Duration, times: number): Duration {
  const months = start.months + period.months * times;
  const years = start.years + period.years * times;
  const whole = Number.isInteger(months) ? Math.floor(months / MONTHS_PER_YEAR) : 0;
  return {
    years: years + whole,
    months: months - MONTHS_PER_YEAR * whole,
    weeks: start.weeks + period.weeks * times,
    days: start.days + period.days * times,
  };
}

/**
 * Length of a duration in textbook years: 12 months, 52 weeks or 365 days.
 * Exact to within 2 units in the last place.
 */
export function durationInYears(duration: Duration): number {
  return (
    (duration.years * MONTHS_PER_YEAR + duration.months) / MONTHS_PER_YEAR +
    duration.weeks / WEEKS_PER_YEAR +
    duration.days / DAYS_PER_YEAR
  );
}

/**
 * How many times a year something happens that happens every `duration`.
 * A whole number wherever the textbook says so (12 for a month, 26 for a fortnight), because
 * 1/(1/12) and the like would carry a rounding error into every rate.
 *
 * @param duration longer than nothing
 */
export function periodsPerYear(duration: Duration): number {
  const { years, months, weeks, days } = duration;
  if (weeks === 0 && days === 0) return MONTHS_PER_YEAR / (years * MONTHS_PER_YEAR + months);
  if (years === 0 && months === 0 && days === 0) return WEEKS_PER_YEAR / weeks;
  if (years === 0 && months === 0 && weeks === 0) return DAYS_PER_YEAR / days;
  return 1 / durationInYears(duration);
}

/** Reads an ISO 8601 duration that validation has already passed, as years. Throws on anything else. */
export function yearsOf(text: string): number {
  return durationInYears(validDuration(text));
}

/** Reads the ISO 8601 length of a period that validation has already passed, as periods a year. */
export function frequencyOf(text: string): number {
  return periodsPerYear(validDuration(text));
}

function validDuration(text: string): Duration {
  const duration = parseDuration(text);
  if (duration === null) throw new TypeError(`Not a duration: ${text}`);
  return duration;
}
