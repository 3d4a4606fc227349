import { frequencyOf } from "../time/duration";
import type { Quotation } from "./quotation";

/** A quotation as numbers: what a solver needs thousands of times must not be read from text each time. */
export interface CompoundingLaw {
  readonly quoted: Quotation["quoted"];
  /** Compounding periods a year; 1 where the quotation has none. */
  readonly frequency: number;
}

export function compoundingLaw(quotation: Quotation): CompoundingLaw {
  return {
    quoted: quotation.quoted,
    frequency: "compounding" in quotation ? frequencyOf(quotation.compounding) : 1,
  };
}

/**
 * The force of interest of a figure under a law; see `forceOfInterest`.
 *
 * @param percent the quoted figure, in percent
 * @returns a decimal a year; not a number at −100 % per period and below
 */
export function forceUnder(percent: number, { quoted, frequency }: CompoundingLaw): number {
  const decimal = percent / 100;
  switch (quoted) {
    case "continuous":
      return decimal;
    // An effective rate is that of a period of one year.
    case "effective":
    case "periodic":
      return frequency * logOfGrowth(decimal);
    case "nominal":
      return frequency * logOfGrowth(decimal / frequency);
  }
}

function logOfGrowth(rate: number): number {
  return rate > -1 ? Math.log1p(rate) : Number.NaN;
}

/** The inverse of `forceUnder`: percent, infinite where it would pass the largest double. */
export function percentUnder(force: number, { quoted, frequency }: CompoundingLaw): number {
  switch (quoted) {
    case "continuous":
      return force * 100;
    case "effective":
    case "periodic":
      return Math.expm1(force / frequency) * 100;
    case "nominal":
      return frequency * Math.expm1(force / frequency) * 100;
  }
}
