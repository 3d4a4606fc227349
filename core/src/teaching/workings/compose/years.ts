import { withDigits } from "../../../engine/numbers/with-digits";
import { spanWords } from "../../../wording/format-time";
import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { number, type Expression } from "../mathematics/expression";

/** The units of the textbook year. */
const UNITS = [12, 52, 365];

/**
 * Years as calculated by hand: a whole number, or a fraction in months, weeks or days.
 *
 * @param daysInYear of the dates between which they lie, whose days come first
 */
export function yearsExpression(years: number, daysInYear: number | null = null): Expression {
  if (Number.isInteger(snapped(years))) return number(snapped(years));
  for (const unit of daysInYear === null ? UNITS : [daysInYear, ...UNITS]) {
    const units = snapped(years * unit);
    if (Number.isInteger(units)) return { op: "fraction", over: units, under: unit };
  }
  return number(years);
}

/** A length of time in words: its days, where it lies between two dates. */
export function timeInWords(
  years: number,
  daysInYear: number | null,
  format: AnswerFormat,
): string {
  const days = daysInYear === null ? NaN : snapped(years * daysInYear);
  return Number.isInteger(days)
    ? `${writeFigure(days, format)} ${days === 1 ? "day" : "days"} of ${daysInYear}`
    : spanWords(years, format);
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
