import {
  calendarDateWords,
  COMMON_PERIODS,
  compoundedAsPaidWords,
  countedDays,
  DAYS_PER_YEAR,
  daysOfYear,
  forceOfInterest,
  writeFigure,
  writeMoney,
  withDigits,
  writeRate,
  formatYears,
  frequencyOf,
  frequencyWords,
  percentFromForce,
  yearsOfMoment,
  type Quotation,
  type SolvedProblem,
  type AnswerFormat,
  type Calendar,
  type DayCount,
} from "@kestrelmoor/core";
import {
  AS_PAID,
  paymentPeriods,
  quotationKey,
  takesUp,
  usualCompounding,
  type Draft,
  type FieldReading,
  type RateReading,
  type SaidAmount,
} from "@kestrelmoor/core/typing";

/** The hints below a line: what its entries imply. */

/**
 * A plain number needs no hint; arithmetic and abbreviations are calculated. The point of `64.000` may be meant
 * for a comma, so its value is told.
 */
function isPlainFigure(text: string): boolean {
  return /^\p{Sc}?\s?[\d,. ]+$/u.test(text.trim()) && !/^\D?\s?\d{1,3}\.\d{3}$/.test(text.trim());
}

/** An answer that was kept as a given has more digits than anybody types. */
function hasAllDigits(text: string): boolean {
  return /^[\d,]*\.\d{6,}\s?%?$/.test(text.trim());
}

function allDigits(figure: string): string {
  return `${figure}, kept with all its digits`;
}

/** Which part a field waits for; `null` where it waits for none. */
export function waitingHint(reading: FieldReading<unknown>): string | null {
  return reading.state === "issue" && reading.issue.code === "part-waits"
    ? `waits for part (${reading.issue.label})`
    : null;
}

/** What was given in whole cents has no further digits to be told of. */
function isInCents(amount: number): boolean {
  return withDigits(amount * 100, 13) % 1 === 0;
}

/** A figure of an earlier part, and with how many of its digits. */
export function takenHint(typed: string, figure: string): string {
  return /\bround|cent\b/i.test(typed) ? `${figure}, rounded` : `${figure}, with every digit`;
}

/** The value of an amount that is typed as arithmetic, or refers to another. */
export function saidAmountHint(
  typed: string,
  reading: FieldReading<SaidAmount>,
  settled: number | null,
  format: AnswerFormat,
): string | null {
  if (reading.state === "issue") return waitingHint(reading);
  if (reading.state !== "value") return null;
  const amount = typeof reading.value === "number" ? reading.value : settled;
  if (amount === null) return null;
  const figure = writeMoney(Math.abs(amount), format);
  if (takesUp(typed)) return isInCents(amount) ? figure : takenHint(typed, figure);
  if (hasAllDigits(typed)) return allDigits(figure);
  return isPlainFigure(typed) ? null : `${typed.trim()} = ${figure}`;
}

/** A date in words, with the days to it as they are counted: "31 August 2028 · 184 days of 360: 0.5111 years". */
export function dateHint(date: string, calendar: Calendar, format: AnswerFormat): string {
  const { today, dayCount } = calendar;
  const words = calendarDateWords(date);
  const [early, late] = date < today ? [date, today] : [today, date];
  const days = countedDays(early, late, dayCount);
  if (days === 0) return `${words} · today`;
  const years = yearsOfMoment(date, calendar);
  const side = years < 0 ? " before today" : "";
  const counted = daysOfYearWords(days, daysOfYear(dayCount), format);
  return `${words} · ${counted}${side}: ${formatYears(Math.abs(years), format, 4)}`;
}

/** Days with the year over which they stand: "184 days of 360". */
function daysOfYearWords(days: number, ofYear: number | null, format: AnswerFormat): string {
  const counted = `${writeFigure(days, format)} ${days === 1 ? "day" : "days"}`;
  return ofYear === null ? counted : `${counted} of ${ofYear}`;
}

const DAYS_ALONE = /^(?:in |after |at )?[\d,.]+ ?d(?:ays?)?(?: [a-z ]+)?$/i;

/** A time that is typed in days, by the year that counts them; `null` where it is not: "90 days of 360: 0.25 years". */
export function daysHint(
  typed: string,
  years: number,
  dayCount: DayCount,
  format: AnswerFormat,
): string | null {
  if (!DAYS_ALONE.test(typed.trim()) || years === 0) return null;
  const ofYear = daysOfYear(dayCount) ?? DAYS_PER_YEAR;
  const days = daysOfYearWords(Math.abs(years) * ofYear, ofYear, format);
  const side = years < 0 ? "before today" : "from today";
  return `${days}: ${formatYears(Math.abs(years), format, 4)} ${side}`;
}

/**
 * A time in years and, if there is only one rate, in its compounding periods.
 * @param years the time, typed or found
 */
export function timeHint(
  years: number,
  rates: readonly RateReading[],
  format: AnswerFormat,
): string | null {
  if (years === 0) return null;
  if (years < 0) return `${formatYears(-years, format, 4)} before today`;
  const inYears = `${formatYears(years, format, 4)} from today`;
  const [only] = rates;
  if (rates.length !== 1 || only?.kind !== "rate") return inYears;
  const periods = periodsIn(years, only.quotation, format);
  return periods === null ? inYears : `${inYears} · ${periods}`;
}

function periodsIn(years: number, quotation: Quotation, format: AnswerFormat): string | null {
  if (quotation.quoted !== "nominal" && quotation.quoted !== "periodic") return null;
  if (quotation.compounding === "P1Y") return null;
  const count = writeFigure(years * frequencyOf(quotation.compounding), format, 4);
  const { noun } = frequencyWords(quotation.compounding);
  if (/^\d/.test(noun)) return `${count} periods of ${noun}`;
  return `${count} ${noun}${count === "1" ? "" : "s"}`;
}

/** The periodic and the effective annual rate, if they differ from the quoted one. */
export function rateHint(
  reading: RateReading,
  found: number | null,
  format: AnswerFormat,
): string | null {
  if (reading.kind !== "rate") return null;
  const { percent, quotation } = reading;
  const figure =
    percent.state === "value" && "percent" in percent.value ? percent.value.percent : found;
  if (figure === null) return null;
  if (quotation.quoted === "simple") return "simple interest: on the principal alone";
  if (quotation.quoted === "bank-discount") return "bank discount: taken off the amount due";
  const force = forceOfInterest(figure, quotation);
  if (force === null) return null;
  const parts: string[] = [];
  if (quotation.quoted === "nominal" && quotation.compounding !== "P1Y") {
    const perPeriod = percentFromForce(force, {
      quoted: "periodic",
      compounding: quotation.compounding,
    });
    const { noun } = frequencyWords(quotation.compounding);
    parts.push(`${writeRate(perPeriod, format, 6)} per ${noun}`);
  }
  if (quotation.quoted !== "effective" && !isYearly(quotation)) {
    const effective = percentFromForce(force, { quoted: "effective" });
    parts.push(
      Number.isFinite(effective)
        ? `${writeRate(effective, format)} effective annual rate`
        : "effective annual rate too large to show",
    );
  }
  return parts.length === 0 ? "annual rate" : parts.join(" · ");
}

/** A rate that was found and kept, or found in an earlier part, as it is told. */
export function keptRateHint(
  typed: string,
  reading: RateReading,
  format: AnswerFormat,
): string | null {
  if (reading.kind !== "rate") return null;
  if (reading.percent.state === "issue") return waitingHint(reading.percent);
  const percent = reading.percent.state === "value" ? reading.percent.value : null;
  if (percent === null || !("percent" in percent)) return null;
  const figure = writeRate(percent.percent, format);
  if (takesUp(typed)) return takenHint(typed, figure);
  return hasAllDigits(typed) ? allDigits(figure) : null;
}

/** The value of a rate that refers to another. */
export function linkedHint(
  reading: RateReading,
  settled: number | null,
  format: AnswerFormat,
): string | null {
  if (reading.kind !== "rate" || settled === null) return null;
  const { percent } = reading;
  return percent.state === "value" && "plus" in percent.value
    ? `= ${writeRate(settled, format)}`
    : null;
}

function isYearly(quotation: Quotation): boolean {
  return "compounding" in quotation && quotation.compounding === "P1Y";
}

/** The rates found for a rate line, ascending; empty if it is not the unknown. */
export function foundPercents(solution: SolvedProblem | null, index: number): number[] {
  if (solution?.unknown.kind !== "percent" || solution.unknown.field.line !== index) return [];
  return solution.answers.map(({ value }) => value);
}

interface QuotationOption {
  readonly value: string;
  readonly label: string;
}

/** How a rate is compounded while nobody says so, in words. */
export function asPaidWords(flows: Draft["flows"]): string {
  return compoundedAsPaidWords(usualCompounding(flows), paymentPeriods(flows).length > 0);
}

/**
 * The quotations of a rate, in groups, including the period of an opened file.
 *
 * @param asPaid the words for a rate of which nobody said how it is compounded
 */
export function quotationOptions(
  current: Quotation,
  asPaid: string,
): { readonly label: string; readonly options: QuotationOption[] }[] {
  const own = "compounding" in current ? [current.compounding] : [];
  const periods = [...new Set([...COMMON_PERIODS, ...own])];
  return [
    {
      label: "Nominal, a year",
      options: [
        { value: AS_PAID, label: asPaid },
        ...periods.map((every) => ({
          value: quotationKey({ quoted: "nominal", compounding: every }),
          label: `a year, compounded ${frequencyWords(every).adverb}`,
        })),
        { value: "continuous", label: "a year, compounded continuously" },
      ],
    },
    {
      label: "Effective, a year",
      options: [{ value: "effective", label: "a year, effective" }],
    },
    {
      label: "Not compounded",
      options: [
        { value: "simple", label: "a year, simple interest" },
        { value: "bank-discount", label: "a year, bank discount" },
      ],
    },
    {
      label: "Compound discount",
      options: [
        { value: "effective-discount", label: "a year, effective discount" },
        ...periods
          .filter((every) => every !== "P1Y")
          .map((every) => ({
            value: quotationKey({ quoted: "nominal-discount", compounding: every }),
            label: `a year, discount compounded ${frequencyWords(every).adverb}`,
          })),
      ],
    },
    {
      label: "Per period",
      options: periods
        .filter((every) => every !== "P1Y")
        .map((every) => ({
          value: quotationKey({ quoted: "periodic", compounding: every }),
          label: `per ${frequencyWords(every).noun}`,
        })),
    },
  ];
}
