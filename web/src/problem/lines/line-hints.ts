import {
  COMMON_PERIODS,
  forceOfInterest,
  formatFigure,
  formatMoney,
  formatPercent,
  formatYears,
  frequencyOf,
  frequencyWords,
  percentFromForce,
  type Quotation,
  type Solution,
} from "@kestrelmoor/core";
import {
  quotationKey,
  type FieldReading,
  type RateReading,
  type SaidAmount,
} from "@kestrelmoor/core/typing";

/** What a line implies, in small type under it. */

/** A plain figure is its own explanation; arithmetic and abbreviations are shown worked out. */
function isPlainFigure(text: string): boolean {
  return /^\p{Sc}?\s?[\d,. ]+$/u.test(text.trim());
}

/** What an amount comes to that is typed as arithmetic, or said by another one. */
export function saidAmountHint(
  typed: string,
  reading: FieldReading<SaidAmount>,
  settled: number | null,
): string | null {
  if (reading.state !== "value" || isPlainFigure(typed)) return null;
  const amount = typeof reading.value === "number" ? reading.value : settled;
  return amount === null ? null : `${typed.trim()} is ${formatMoney(Math.abs(amount))}`;
}

/**
 * How long a time is in years and in the compounding periods of the rate, where one rate rules.
 * @param years the time, typed or found
 */
export function timeHint(years: number, rates: readonly RateReading[]): string | null {
  if (years === 0) return null;
  const inYears = `${formatYears(years, 4)} from today`;
  const [only] = rates;
  if (rates.length !== 1 || only?.kind !== "rate") return inYears;
  const periods = periodsIn(years, only.quotation);
  return periods === null ? inYears : `${inYears} · ${periods}`;
}

function periodsIn(years: number, quotation: Quotation): string | null {
  if (quotation.quoted !== "nominal" && quotation.quoted !== "periodic") return null;
  if (quotation.compounding === "P1Y") return null;
  const count = formatFigure(years * frequencyOf(quotation.compounding), 4);
  const { noun } = frequencyWords(quotation.compounding);
  if (/^\d/.test(noun)) return `${count} periods of ${noun}`;
  return `${count} ${noun}${count === "1" ? "" : "s"}`;
}

/** The rate for one period and for one year, as far as they differ from what is quoted. */
export function rateHint(reading: RateReading, found: number | null): string | null {
  if (reading.kind !== "rate") return null;
  const { percent, quotation } = reading;
  const figure =
    percent.state === "value" && "percent" in percent.value ? percent.value.percent : found;
  if (figure === null) return null;
  const force = forceOfInterest(figure, quotation);
  if (force === null) return null;
  const parts: string[] = [];
  if (quotation.quoted === "nominal" && quotation.compounding !== "P1Y") {
    const perPeriod = percentFromForce(force, {
      quoted: "periodic",
      compounding: quotation.compounding,
    });
    const { noun } = frequencyWords(quotation.compounding);
    parts.push(`${formatPercent(perPeriod, 6)} per ${noun}`);
  }
  if (quotation.quoted !== "effective" && !isYearly(quotation)) {
    const effective = percentFromForce(force, { quoted: "effective" });
    parts.push(
      Number.isFinite(effective)
        ? `${formatPercent(effective)} effective a year`
        : "more than can be written as an effective rate",
    );
  }
  return parts.length === 0 ? "the rate for one year" : parts.join(" · ");
}

/** What a rate comes to that is said by another one. */
export function linkedHint(reading: RateReading, settled: number | null): string | null {
  if (reading.kind !== "rate" || settled === null) return null;
  const { percent } = reading;
  return percent.state === "value" && "plus" in percent.value
    ? `that is ${formatPercent(settled)}`
    : null;
}

function isYearly(quotation: Quotation): boolean {
  return "compounding" in quotation && quotation.compounding === "P1Y";
}

/** The percents that were found for a rate line, ascending; none where it is not the unknown. */
export function foundPercents(solution: Solution | null, index: number): number[] {
  if (solution?.unknown.kind !== "percent" || solution.unknown.path[1] !== index) return [];
  return solution.answers.map(({ value }) => value);
}

interface QuotationOption {
  readonly value: string;
  readonly label: string;
}

/** All the ways to quote a rate, in groups; a period that a file brought along is among them. */
export function quotationOptions(
  current: Quotation,
): { readonly label: string; readonly options: QuotationOption[] }[] {
  const own = "compounding" in current ? [current.compounding] : [];
  const periods = [...new Set([...COMMON_PERIODS, ...own])];
  return [
    {
      label: "A year, compounded",
      options: [
        ...periods.map((every) => ({
          value: quotationKey({ quoted: "nominal", compounding: every }),
          label: `a year, compounded ${frequencyWords(every).adverb}`,
        })),
        { value: "continuous", label: "a year, compounded continuously" },
      ],
    },
    {
      label: "A year, all compounding included",
      options: [{ value: "effective", label: "a year, effective" }],
    },
    {
      label: "For each period",
      options: periods
        .filter((every) => every !== "P1Y")
        .map((every) => ({
          value: quotationKey({ quoted: "periodic", compounding: every }),
          label: `per ${frequencyWords(every).noun}`,
        })),
    },
  ];
}
