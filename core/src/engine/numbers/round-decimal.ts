import { withDigits } from "./with-digits";
import { plainDecimal } from "./plain-decimal";

/** Digits of a double that survive a calculation: the sixteenth is mostly noise. */
const TRUSTED_DIGITS = 15;

/**
 * What becomes of the digits beyond: `half-up` rounds halves away from zero, `half-even` to the even
 * digit, `down` cuts off, `up` rounds away from zero.
 */
export type Rounding = "half-up" | "half-even" | "down" | "up";

/**
 * Rounds a number to some decimals; by default halves away from zero, as money is rounded on paper.
 *
 * Works on the decimal digits and not on the binary value, so that 1.005 becomes 1.01 although the
 * nearest double lies just below it.
 *
 * @param value finite
 * @param decimals 0 to 15
 * @returns the decimal text, with a minus where the rounded value is below zero; never "-0"
 */
export function roundDecimal(
  value: number,
  decimals: number,
  rounding: Rounding = "half-up",
): string {
  const negative = value < 0;
  const digits = decimalDigits(Math.abs(value));
  const [whole = "0", fraction = ""] = digits.split(".");
  const kept = BigInt(whole + fraction.slice(0, decimals).padEnd(decimals, "0"));
  const scaled = kept + (roundsUp(kept, fraction.slice(decimals), rounding) ? 1n : 0n);
  const text = scaled.toString().padStart(decimals + 1, "0");
  const rounded = decimals === 0 ? text : `${text.slice(0, -decimals)}.${text.slice(-decimals)}`;
  return negative && scaled !== 0n ? `-${rounded}` : rounded;
}

function roundsUp(kept: bigint, rest: string, rounding: Rounding): boolean {
  switch (rounding) {
    case "half-up":
      return rest >= "5";
    case "half-even":
      return /^50*$/.test(rest) ? kept % 2n === 1n : rest >= "5";
    case "down":
      return false;
    case "up":
      return /[1-9]/.test(rest);
  }
}

/** Decimal digits of a number of zero or more without an exponent, noise beyond the trusted digits dropped. */
function decimalDigits(value: number): string {
  const trusted = value >= 10 ** TRUSTED_DIGITS ? value : withDigits(value, TRUSTED_DIGITS);
  return plainDecimal(trusted);
}
