import type { Result } from "../result";
import { succeed } from "../result";
import { convertRate } from "./convert-rate";
import type { Quotation } from "./quotation";

/** Periods that rates are compounded in, from the longest to the shortest. */
export const COMPOUNDING_PERIODS = [
  "P1Y",
  "P6M",
  "P4M",
  "P3M",
  "P2M",
  "P1M",
  "P2W",
  "P1W",
  "P1D",
] as const;

const OTHERS = ["simple", "bank-discount", "effective-discount"] as const;

export interface Restated {
  readonly quotation: Quotation;
  /** In percent, as quoted so. */
  readonly percent: number;
}

/** A rate in every quotation: the two that have no period, then for each period both ways to say it. */
export interface RateInAllQuotations {
  readonly effective: Restated;
  readonly continuous: Restated;
  /** A year, compounded in the period. */
  readonly nominal: readonly Restated[];
  /** For one period. */
  readonly periodic: readonly Restated[];
  /** Simple interest, bank discount and effective discount; without those that are too large to be a number. */
  readonly others: readonly Restated[];
}

/**
 * States a rate in every other quotation: all of them make the same money grow alike over every whole year.
 *
 * @param from the rate as quoted, `percent` in percent
 * @param years over which simple interest and bank discount agree with the others, above zero
 * @returns fails as `convertRate` does
 * Accuracy: relative 1e-14.
 */
export function inAllQuotations(
  from: Quotation & { percent: number },
  years = 1,
): Result<RateInAllQuotations> {
  const failed: Result<never>[] = [];
  const as = (quotation: Quotation): Restated => {
    const percent = convertRate(from, quotation, years);
    if (!percent.ok) failed.push(percent);
    return { quotation, percent: percent.ok ? percent.value : Number.NaN };
  };
  const all = {
    effective: as({ quoted: "effective" }),
    continuous: as({ quoted: "continuous" }),
    nominal: COMPOUNDING_PERIODS.map((compounding) => as({ quoted: "nominal", compounding })),
    periodic: COMPOUNDING_PERIODS.map((compounding) => as({ quoted: "periodic", compounding })),
    others: OTHERS.flatMap((quoted) => {
      const percent = convertRate(from, { quoted }, years);
      return percent.ok ? [{ quotation: { quoted }, percent: percent.value }] : [];
    }),
  };
  return failed[0] ?? succeed(all);
}
