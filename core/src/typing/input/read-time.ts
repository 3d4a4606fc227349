import { withDigits } from "../../engine/numbers/with-digits";
import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import { fail, succeed, type Result } from "../../engine/result";
import { daysOfYear, type DayCount } from "../../engine/time/day-count";
import {
  DAYS_PER_YEAR,
  durationInYears,
  formatDuration,
  MONTHS_PER_YEAR,
  NO_TIME,
  parseDuration,
  type Duration,
} from "../../engine/time/duration";
import { FRACTION_PATTERN, readFraction, spellFractions } from "./fraction";
import { NUMBER_WORDS } from "./number-words";
import { readPlainNumber } from "./plain-number";
import { remembered } from "./remembered";

export interface TypedTime {
  /** ISO 8601. */
  readonly duration: string;
  /** The same in textbook years. */
  readonly years: number;
}

export type TimeUnit = "years" | "months" | "weeks" | "days";

type Field = keyof Duration;

/** Each unit by the words people use, the field of a duration it counts in and how many of those it is. */
const UNITS: readonly (readonly [pattern: RegExp, field: Field, times: number])[] = [
  [/^(?:half[- ]?years?|semesters?)$/, "months", 6],
  [/^(?:y|yrs?|years?)$/, "years", 1],
  [/^(?:q|qtrs?|quarters?)$/, "months", 3],
  [/^(?:m|mo|mos|mths?|months?)$/, "months", 1],
  [/^(?:f|fortnights?)$/, "weeks", 2],
  [/^(?:w|wks?|weeks?)$/, "weeks", 1],
  [/^(?:d|days?)$/, "days", 1],
];

const NUMBER_WORD = new RegExp(String.raw`\b(?:${NUMBER_WORDS.join("|")})\b`, "g");

const TODAY = /^(?:today|now|at once|the start|(?:time )?0|immediately)$/;
const PAST = /\b(?:ago|earlier|before (?:now|today))$/;
/** "Year 4" is its end, when the money of a year falls; so is "the end of year 4". */
const NUMBERED = /^(?:the )?(?:end of )?(years?|quarters?|months?|weeks?|days?) (\d{1,5})$/;
const LEADING = /^(?:at the end of|in|after|at|for)\s+/;
const TRAILING = /\s+(?:from (?:now|today)|later|hence|time|ahead)$/;
const PART = new RegExp(
  String.raw`^(${FRACTION_PATTERN}|[\d.,'’]*\d\.?)\s*(half[- ]?years?|[a-z]+)?\.?(?:\s*(,|and|\+)\s*|\s+(less|minus|[-−–])\s+|\s*)`,
);

/**
 * Reads a length of time: `6 years`, `3y 4m`, `40 months`, `2 1/2 years`, `half a year`,
 * `18 quarters`, `25 years - 7 months`, `year 4` (its end), `today`, `P2Y6M`, or a bare number of the default unit.
 *
 * Years are textbook years of 12 months, 52 weeks or 365 days; nothing is rounded to a calendar.
 *
 * @param unit what a bare number counts
 * @returns the time in ISO 8601 and in years. Fails with `time-missing`, `time-negative`,
 *   `time-past`, `time-too-long` or `time-not-understood` at what could not be read
 */
export function readTime(typed: string, unit: TimeUnit = "years"): Result<TypedTime> {
  return unit === "years" ? inYears(typed) : timeIn(typed, unit);
}

const inYears = remembered((typed) => timeIn(typed, "years"));

function timeIn(typed: string, unit: TimeUnit): Result<TypedTime> {
  const text = typed.trim();
  if (text === "") return fail(issue("time-missing", [], {}));
  if (/^[-−–]/.test(text)) return fail(issue("time-negative", [], { typed: text }));
  const iso = parseDuration(text.toUpperCase());
  if (iso !== null) return withinLimits(iso);
  const words = spellOut(text);
  if (PAST.test(words)) return fail(issue("time-past", [], {}));
  if (TODAY.test(words)) return succeed({ duration: "P0D", years: 0 });
  const parts = readParts(words, unit, typed);
  return parts.ok ? withinLimits(parts.value) : parts;
}

/** Whether a text says this moment, in any words: `today`, `now`, `0`, `0 years`. */
export function saysToday(typed: string): boolean {
  const time = readTime(typed);
  return time.ok && time.value.years === 0;
}

/** Brings words into digits: "two and a half years" becomes "2 1/2 years". */
function spellOut(text: string): string {
  return spellFractions(text.toLowerCase())
    .replace(LEADING, "")
    .replace(TRAILING, "")
    .replace(NUMBERED, "$2 $1")
    .replace(NUMBER_WORD, (word) => String(NUMBER_WORDS.indexOf(word) + 1))
    .replace(/(\d+) and an? (half|quarter)\b/g, (_, whole: string, part: string) =>
      part === "half" ? `${whole} 1/2` : `${whole} 1/4`,
    )
    .replace(/\bhalf an?\s+/g, "1/2 ")
    .replace(/^half[- ]?year$/, "6 months")
    .replace(
      /\b(\d+|an?) (years?|months?|weeks?) and an? half\b/g,
      (_, whole: string, unit: string) => `${whole.startsWith("a") ? "1" : whole} 1/2 ${unit}`,
    )
    .replace(/\ban?\s+(?=[a-z])/g, "1 ")
    .trim();
}

/**
 * A time of which the days count in the year of a course: 90 days of a year of 360 are a quarter of it.
 *
 * @param dayCount where each year has its own days, days said without a date stand over 365
 */
export function inYearsOf(dayCount: DayCount, time: TypedTime): Result<TypedTime> {
  const duration = parseDuration(time.duration);
  const inYear = daysOfYear(dayCount) ?? DAYS_PER_YEAR;
  if (duration === null || duration.days === 0 || inYear === DAYS_PER_YEAR) return succeed(time);
  const years = (durationInYears({ ...duration, days: 0 }) * inYear + duration.days) / inYear;
  return withinLimits({ ...NO_TIME, years });
}

function readParts(words: string, unit: TimeUnit, typed: string): Result<Duration> {
  const total = { years: 0, months: 0, weeks: 0, days: 0 };
  let [sign, isLess] = [1, false];
  let rest = words;
  let isFirst = true;
  while (rest !== "") {
    const match = PART.exec(rest);
    const [whole = "", digits = "", word, more, less] = match ?? [];
    const amount = match === null ? null : readAmount(digits);
    if (amount === null) return notUnderstood(typed, rest);
    if (!amount.ok) return amount;
    const isWhole = isFirst && whole.length === rest.length;
    const found =
      word === undefined
        ? // A bare number counts the default unit only when it stands alone: "3y 4" is not clear.
          isWhole
          ? ([null, unit, 1] as const)
          : undefined
        : UNITS.find(([pattern]) => pattern.test(word));
    if (found === undefined) return notUnderstood(typed, word ?? digits);
    total[found[1]] += sign * amount.value * found[2];
    rest = rest.slice(whole.length);
    if (less !== undefined && rest === "") return notUnderstood(typed, less);
    // What follows without a sign of its own is taken away too: 2 years - 3 months 10 days.
    if (less !== undefined) [sign, isLess] = [-1, true];
    else if (more === "+") sign = 1;
    isFirst = false;
  }
  return isLess ? asDifference(total, typed) : succeed(total);
}

/** What is left of a time, without a part below zero: 1 year - 8 months are 4 months. */
function asDifference(total: Duration, typed: string): Result<Duration> {
  const { weeks, days } = total;
  const months = total.years * MONTHS_PER_YEAR + total.months;
  const years = durationInYears(total);
  if (years < 0) return fail(issue("time-negative", [], { typed: typed.trim() }));
  return weeks === 0 && days === 0
    ? succeed({ ...NO_TIME, years: Math.floor(months / MONTHS_PER_YEAR), months: months % 12 })
    : succeed({ ...NO_TIME, years });
}

function readAmount(digits: string): Result<number> | null {
  const fraction = readFraction(digits);
  if (fraction !== null) return succeed(fraction);
  return readPlainNumber(digits);
}

function withinLimits(duration: Duration): Result<TypedTime> {
  const standard = inStandardForm(duration);
  const years = durationInYears(standard);
  return years <= LIMITS.years
    ? succeed({ duration: formatDuration(standard), years })
    : fail(issue("time-too-long", [], { limitYears: LIMITS.years }));
}

/**
 * ISO 8601 allows a fraction in the smallest unit only. Half years become months; what is left over
 * is carried downwards through the textbook year.
 */
function inStandardForm({ years, months, weeks, days }: Duration): Duration {
  const wholeMonths = withDigits(years * MONTHS_PER_YEAR + months, 14);
  const inMonths =
    Number.isInteger(years) && Number.isInteger(months)
      ? { years, months }
      : Number.isInteger(wholeMonths)
        ? { years: Math.floor(wholeMonths / 12), months: wholeMonths % 12 }
        : months === 0
          ? { years, months }
          : { years: 0, months: wholeMonths };
  const isWhole = Number.isInteger(inMonths.years) && Number.isInteger(inMonths.months);
  if ((weeks === 0 && days === 0) || isWhole) {
    return Number.isInteger(weeks) || days === 0
      ? { ...inMonths, weeks, days }
      : { ...inMonths, weeks: 0, days: withDigits((weeks * 365) / 52 + days, 14) };
  }
  // A fraction of a month beside weeks or days: everything in days.
  const asDays = durationInYears({ ...inMonths, weeks, days }) * 365;
  return { years: 0, months: 0, weeks: 0, days: withDigits(asDays, 14) };
}

function notUnderstood(typed: string, at: string): Result<never> {
  return fail(issue("time-not-understood", [], { typed, at: at.trim() }));
}
