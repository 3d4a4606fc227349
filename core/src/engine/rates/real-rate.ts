import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";

/**
 * The rate at which buying power grows: (1 + rate)/(1 + inflation) − 1.
 *
 * @param percent effective percent a year, above −100
 * @param inflationPercent percent a year by which prices rise, above −100
 * @returns effective percent a year; fails with `rate-too-low`
 * Accuracy: relative 1e-15; the difference is taken before the division, so that it keeps its digits.
 * Source: I. Fisher, The Theory of Interest (1930), ch. II
 */
export function realRate(percent: number, inflationPercent: number): Result<number> {
  const tooLow = firstTooLow({ percent, inflationPercent });
  return tooLow ?? succeed((percent - inflationPercent) / (1 + inflationPercent / 100));
}

/**
 * The nominal rate at which buying power grows as said: (1 + real rate)(1 + inflation) − 1.
 *
 * @param realPercent effective percent a year, above −100
 * @param inflationPercent percent a year by which prices rise, above −100
 * @returns effective percent a year; fails with `rate-too-low`
 * Accuracy: relative 1e-15.
 * Source: I. Fisher, The Theory of Interest (1930), ch. II
 */
export function nominalRate(realPercent: number, inflationPercent: number): Result<number> {
  const tooLow = firstTooLow({ realPercent, inflationPercent });
  return tooLow ?? succeed(realPercent + inflationPercent + (realPercent * inflationPercent) / 100);
}

/** A rate at which everything is lost has no growth to divide by. */
function firstTooLow(rates: Readonly<Record<string, number>>): Result<never> | null {
  for (const [name, percent] of Object.entries(rates)) {
    if (!(percent > -100)) {
      return fail(issue("rate-too-low", [name], { percent, quotation: { quoted: "effective" } }));
    }
  }
  return null;
}
