import { parseDuration, type Duration } from "../engine/time/duration";
import { isDate } from "../engine/time/moment";
import { writeDecimals, writeFigure, type AnswerFormat } from "./answer-format";
import { asWhole, wholeFrom, wholeUpTo } from "../engine/numbers/compare";

function counted(amount: number, unit: string, format: AnswerFormat, decimals = 4): string {
  const figure = writeFigure(amount, format, decimals);
  return `${figure} ${unit}${figure === "1" ? "" : "s"}`;
}

/** A duration in words: `3 years 4 months`; a duration of zero is `today`. */
export function formatDurationWords(duration: Duration, format: AnswerFormat): string {
  const parts = [
    [duration.years, "year"],
    [duration.months, "month"],
    [duration.weeks, "week"],
    [duration.days, "day"],
  ] as const;
  const given = parts.filter(([amount]) => amount !== 0);
  return given.length === 0
    ? "today"
    : given.map(([amount, unit]) => counted(amount, unit, format)).join(" ");
}

/**
 * A time of a problem file in words, as it is typed: `3 years 4 months`, `9 months ago`, `20 September 2027`; today is
 * `today`.
 */
export function momentWords(moment: string, format: AnswerFormat): string {
  if (isDate(moment)) return calendarDateWords(moment);
  const isPast = moment.startsWith("-");
  const words = durationWords(isPast ? moment.slice(1) : moment, format);
  return isPast && words !== "today" ? `${words} ago` : words;
}

/** The same, said of something: `after 3 years 4 months`, `9 months ago`, `on 20 September 2027`, `today`. */
export function whenMomentWords(moment: string, format: AnswerFormat): string {
  const words = momentWords(moment, format);
  if (isDate(moment)) return `on ${words}`;
  return moment.startsWith("-") || words === "today" ? words : `after ${words}`;
}

/** An ISO 8601 duration in words; other text is returned unchanged. */
export function durationWords(text: string, format: AnswerFormat): string {
  const duration = parseDuration(text);
  return duration === null ? text : formatDurationWords(duration, format);
}

const MONTHS = [
  ...["January", "February", "March", "April", "May", "June"],
  ...["July", "August", "September", "October", "November", "December"],
];

/** A calendar date given in ISO 8601, in words: `1 March 2027`; other text is returned unchanged. */
export function calendarDateWords(iso: string): string {
  const [, year = "", month = "", day = ""] = /^(\d{4})-(\d\d)-(\d\d)$/.exec(iso) ?? [];
  const name = MONTHS[Number(month) - 1];
  return name === undefined ? iso : `${Number(day)} ${name} ${year}`;
}

/**
 * A time in years as a figure: `20.583 years`.
 *
 * @param decimals the most of them, if a place needs others than the format has
 */
export function formatYears(years: number, format: AnswerFormat, decimals?: number): string {
  if (decimals !== undefined) return counted(years, "year", format, decimals);
  const figure = writeDecimals(years, format, format.timeDecimals);
  return `${figure} year${figure === "1" ? "" : "s"}`;
}

/**
 * A length of time, given in years, in exact words if possible: `3 years 4 months`, `93 weeks`, `40 days`;
 * otherwise as a number of years.
 */
export function spanWords(years: number, format: AnswerFormat): string {
  const months = asWhole(years * 12);
  if (months !== null) {
    return months === 0
      ? counted(0, "year", format)
      : formatDurationWords(
          { years: Math.floor(months / 12), months: months % 12, weeks: 0, days: 0 },
          format,
        );
  }
  const weeks = asWhole(years * 52);
  if (weeks !== null) return counted(weeks, "week", format);
  const days = asWhole(years * 365);
  return days === null ? formatYears(years, format, 4) : counted(days, "day", format);
}

/**
 * A time, given in years, in years, months and days of a 365-day year, to the nearest day:
 * `20 years 6 months 27 days`.
 */
export function formatYearsMonthsDays(years: number, format: AnswerFormat): string {
  // Rounded in days first, so that the rounding carries into months and years.
  const totalDays = Math.round(years * 365);
  const wholeYears = Math.floor(totalDays / 365);
  const daysLeft = totalDays - wholeYears * 365;
  const months = Math.min(11, wholeUpTo((daysLeft * 12) / 365));
  const days = daysLeft - wholeFrom((months * 365) / 12);
  const whole = { years: wholeYears, months, weeks: 0, days: Math.max(0, days) };
  return formatDurationWords(whole, format);
}
