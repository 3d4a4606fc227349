import type { Quotation } from "../engine/rates/quotation";
import { USUAL_FORMAT } from "./answer-format";
import { durationWords } from "./format-time";

interface FrequencyWords {
  /** "monthly" */
  readonly adverb: string;
  /** "month" */
  readonly noun: string;
}

const WORDS: Readonly<Record<string, FrequencyWords>> = {
  P1Y: { adverb: "yearly", noun: "year" },
  P6M: { adverb: "half-yearly", noun: "half-year" },
  P4M: { adverb: "every 4 months", noun: "4 months" },
  P3M: { adverb: "quarterly", noun: "quarter" },
  P2M: { adverb: "every 2 months", noun: "2 months" },
  P1M: { adverb: "monthly", noun: "month" },
  "P0.5M": { adverb: "twice a month", noun: "half-month" },
  P4W: { adverb: "every 4 weeks", noun: "4 weeks" },
  P2W: { adverb: "fortnightly", noun: "fortnight" },
  P1W: { adverb: "weekly", noun: "week" },
  P1D: { adverb: "daily", noun: "day" },
};

/** The frequencies offered in lists, rarest first. */
export const COMMON_PERIODS: readonly string[] = [
  "P1Y",
  "P6M",
  "P3M",
  "P2M",
  "P1M",
  "P2W",
  "P1W",
  "P1D",
];

/** The words for a period given in ISO 8601; any period has some. */
export function frequencyWords(every: string): FrequencyWords {
  // A period is part of a term, not a number of its own, so it is the same in every format.
  const words = durationWords(every, USUAL_FORMAT);
  return WORDS[every] ?? { adverb: `every ${words}`, noun: words };
}

/** One such period: "one month", but "2 months". */
export function onePeriod(noun: string): string {
  return /^\d/.test(noun) ? noun : `one ${noun}`;
}

/** Several such periods: "quarters", "fortnights", "half-years"; "periods of 2 months". */
export function severalPeriods(noun: string): string {
  return /^\d/.test(noun) ? `periods of ${noun}` : `${noun}s`;
}

/** Every such period: "each month", but "every 2 months". */
export function eachPeriod(noun: string): string {
  return /^\d/.test(noun) ? `every ${noun}` : `each ${noun}`;
}

/**
 * A nominal rate of which nobody said how it is compounded.
 *
 * @param usual what it is compounded by meanwhile, ISO 8601
 * @param isPaid whether that is how often money is paid
 */
export function compoundedAsPaidWords(usual: string, isPaid: boolean): string {
  const { adverb } = frequencyWords(usual);
  return isPaid
    ? `a year, compounded as paid: ${adverb}`
    : `a year, compounded ${adverb} unless stated`;
}

/** How a rate is quoted, to stand after its figure: "a year, compounded quarterly". */
export function quotationWords(quotation: Quotation): string {
  switch (quotation.quoted) {
    case "nominal":
      return `a year, compounded ${frequencyWords(quotation.compounding).adverb}`;
    case "effective":
      return "a year, effective";
    case "periodic":
      return `per ${frequencyWords(quotation.compounding).noun}`;
    case "continuous":
      return "a year, compounded continuously";
    case "effective-discount":
      return "a year, effective discount";
    case "nominal-discount":
      return `a year, discount compounded ${frequencyWords(quotation.compounding).adverb}`;
    case "simple":
      return "a year, simple interest";
    case "bank-discount":
      return "a year, bank discount";
  }
}
