import { withDigits } from "../../../engine/numbers/with-digits";
import { spanWords } from "../../../wording/format-time";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { calendarOf } from "../../../engine/problem/calendar-of";
import { daysOfYear, USUAL_DAY_COUNT } from "../../../engine/time/day-count";
import type { Problem } from "../../../engine/problem/schema";
import { number, type Expression } from "../mathematics/expression";

/** The units of the textbook year: months, weeks and days. */
const UNITS: readonly number[] = [12, 52, 365];

/** The units of a year in which the times of a problem are written; the first that fits a time is taken. */
export function unitsOfYear(problem: Problem): readonly number[] {
  const calendar = calendarOf(problem);
  const inYear = daysOfYear(calendar?.dayCount ?? problem.dayCount ?? USUAL_DAY_COUNT);
  if (inYear === null) return UNITS;
  // Between dates there are days; elsewhere months or weeks, where they are whole.
  return calendar === null ? [12, 52, inYear, 365] : [inYear, ...UNITS];
}

/**
 * Years as calculated by hand: a whole number, or a fraction in months, weeks or days.
 *
 * @param quarters whether 4¾ years are 4.75 of them, or 57/12
 */
export function yearsExpression(
  years: number,
  units = UNITS,
  quarters: "decimals" | "fractions" = "fractions",
): Expression {
  if (Number.isInteger(snapped(years))) return number(snapped(years));
  const isQuarters = quarters === "decimals" && years > 1 && Number.isInteger(snapped(years * 4));
  if (isQuarters && units === UNITS) return number(snapped(years));
  for (const unit of units) {
    const units = snapped(years * unit);
    if (Number.isInteger(units)) return { op: "fraction", over: units, under: unit };
  }
  return number(years);
}

/** A unit that is a day; weeks and months are fewer in a year. */
const LEAST_DAYS_OF_YEAR = 360;

/** A length of time in words: its days and the year over which they stand, where it is written in days. */
export function timeInWords(years: number, units: readonly number[], format: AnswerFormat): string {
  const written = yearsExpression(years, units);
  if (written.op !== "fraction" || written.under < LEAST_DAYS_OF_YEAR)
    return spanWords(years, format);
  const { over: days, under: inYear } = written;
  return `${writeFigure(days, format)} ${days === 1 ? "day" : "days"} of ${inYear}`;
}

/** Parts of a compounding period that are written as fractions: months of a year, days of a month. */
const MOST_PARTS = 12;

/** A part of one period: 1/3, 10/12, or a decimal. */
export function fractionExpression(part: number): Expression {
  for (let under = 2; under <= MOST_PARTS; under += 1) {
    const over = snapped(part * under);
    if (Number.isInteger(over)) return { op: "fraction", over, under };
  }
  return number(part);
}

/** Times are sums of fractions: a number this close to a round one is equal to it. */
export function snapped(figure: number): number {
  return withDigits(figure, 13);
}
