import { largest } from "./extremes";
import { plainDecimal } from "./plain-decimal";

/** Decimals beyond this belong to numbers that nobody wrote down. */
const MOST_DECIMALS = 30;

/** Amounts as whole numbers of a unit that is 10^−decimals of theirs. */
export interface WholeNumbers {
  readonly whole: readonly bigint[];
  readonly decimals: number;
}

/**
 * Amounts as whole numbers of one small unit, by the decimal digits that name them: 0.1 and 2.35 become
 * 10 and 235. Whole numbers can be reckoned with exactly.
 *
 * @returns `null` where it would take more than 30 decimals
 */
export function wholeNumbers(amounts: readonly number[]): WholeNumbers | null {
  const texts = amounts.map(plainDecimal);
  const decimals = largest([0, ...texts.map((text) => (text.split(".")[1] ?? "").length)]);
  if (decimals > MOST_DECIMALS) return null;
  const whole = texts.map((text) => {
    const [integer = "0", fraction = ""] = text.split(".");
    return BigInt(integer + fraction.padEnd(decimals, "0"));
  });
  return { whole, decimals };
}
