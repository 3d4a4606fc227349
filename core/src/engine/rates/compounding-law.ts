import { frequencyOf } from "../time/duration";
import type { Accrual } from "./accumulation";
import type { Quotation } from "./quotation";

/** Interest over less than one compounding period: by the same exponent, or simple. */
export const FRACTION_RULES = ["compound", "simple"] as const;

export type FractionRule = (typeof FRACTION_RULES)[number];

/** A quotation as numbers: what a solver needs thousands of times must not be read from text each time. */
export interface CompoundingLaw {
  readonly quoted: Quotation["quoted"];
  /** Compounding periods a year; 1 where the quotation has none. */
  readonly frequency: number;
  /** How an amount grows where that is not by compound interest alone; `null` where it is. */
  readonly accrual: Accrual | null;
}

/** @param fraction how interest is calculated over less than one compounding period */
export function compoundingLaw(
  quotation: Quotation,
  fraction: FractionRule = "compound",
): CompoundingLaw {
  const frequency = "compounding" in quotation ? frequencyOf(quotation.compounding) : 1;
  const { quoted } = quotation;
  return { quoted, frequency, accrual: accrualUnder(quoted, frequency, fraction) };
}

function accrualUnder(
  quoted: Quotation["quoted"],
  frequency: number,
  fraction: FractionRule,
): Accrual | null {
  if (quoted === "simple" || quoted === "bank-discount") return { kind: quoted };
  // Interest that never pauses has no periods that could be broken.
  if (fraction === "compound" || quoted === "continuous") return null;
  return { kind: "simple-fraction", frequency };
}

/**
 * The force of interest of a figure under a law; see `forceOfInterest`.
 *
 * @param percent the quoted figure, in percent
 * @returns a decimal a year; not a number where 1 would become nothing or less, or a discount takes all of it
 */
export function forceUnder(percent: number, { quoted, frequency }: CompoundingLaw): number {
  const decimal = percent / 100;
  switch (quoted) {
    case "continuous":
      return decimal;
    // An effective rate is that of a period of one year, and so is simple interest over one.
    case "effective":
    case "periodic":
    case "simple":
      return frequency * logOfGrowth(decimal);
    case "nominal":
      return frequency * logOfGrowth(decimal / frequency);
    case "effective-discount":
    case "bank-discount":
      return -logOfGrowth(-decimal);
    case "nominal-discount":
      return -frequency * logOfGrowth(-decimal / frequency);
  }
}

function logOfGrowth(rate: number): number {
  return rate > -1 ? Math.log1p(rate) : Number.NaN;
}

/** The inverse of `forceUnder`: percent, infinite where it would pass the largest double. */
export function percentUnder(
  force: number,
  { quoted, frequency }: Pick<CompoundingLaw, "quoted" | "frequency">,
): number {
  switch (quoted) {
    case "continuous":
      return force * 100;
    case "effective":
    case "periodic":
    case "simple":
      return Math.expm1(force / frequency) * 100;
    case "nominal":
      return frequency * Math.expm1(force / frequency) * 100;
    case "effective-discount":
    case "bank-discount":
      return -Math.expm1(-force) * 100;
    case "nominal-discount":
      return -frequency * Math.expm1(-force / frequency) * 100;
  }
}

/** The figure at which a discount takes everything, in percent; infinite for rates of interest. */
export function highestPercent({ quoted, frequency }: CompoundingLaw): number {
  switch (quoted) {
    case "effective-discount":
    case "bank-discount":
      return 100;
    case "nominal-discount":
      return 100 * frequency;
    default:
      return Number.POSITIVE_INFINITY;
  }
}
