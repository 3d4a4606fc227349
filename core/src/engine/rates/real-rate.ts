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
  for (const [name, figure] of Object.entries({ percent, inflationPercent })) {
    if (!(figure > -100)) {
      const quotation = { quoted: "effective" } as const;
      return fail(issue("rate-too-low", [name], { percent: figure, quotation }));
    }
  }
  return succeed((percent - inflationPercent) / (1 + inflationPercent / 100));
}
