import { succeed, type Result } from "../result";
import { realRate } from "./real-rate";

/** What money comes to while prices rise. */
export interface BuyingPower {
  /** Effective percent a year by which buying power grows. */
  readonly realPercent: number;
  /** The difference of the two rates, which courses use as a first approximation. */
  readonly differencePercent: number;
  /** What the amount has become, in the money of that time. */
  readonly grown: number;
  /** What that buys, in the prices of today. */
  readonly inTodaysPrices: number;
  /** What costs the amount today costs by then. */
  readonly priceThen: number;
}

/**
 * What an amount at interest will buy.
 *
 * @param percent effective percent a year, above −100
 * @param inflationPercent percent a year by which prices rise, above −100
 * @returns fails as `realRate` does
 * Accuracy: relative 1e-14.
 * Source: I. Fisher, The Theory of Interest (1930), ch. II
 */
export function buyingPower(
  amount: number,
  percent: number,
  inflationPercent: number,
  years: number,
): Result<BuyingPower> {
  const real = realRate(percent, inflationPercent);
  if (!real.ok) return real;
  const growth = (yearly: number) => Math.exp(years * Math.log1p(yearly / 100));
  return succeed({
    realPercent: real.value,
    differencePercent: percent - inflationPercent,
    grown: amount * growth(percent),
    inTodaysPrices: amount * growth(real.value),
    priceThen: amount * growth(inflationPercent),
  });
}
