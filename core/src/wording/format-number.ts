import { plainDecimal } from "../engine/numbers/plain-decimal";
import { roundDecimal } from "../engine/numbers/round-decimal";

/** Separates the thousands of a decimal text by commas. */
function groupThousands(decimal: string): string {
  const [whole = "", fraction] = decimal.split(".");
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ",");
  return fraction === undefined ? grouped : `${grouped}.${fraction}`;
}

/** A true minus sign, as typeset numbers have it. */
const MINUS = "−";

function withTrueMinus(text: string): string {
  return text.replace(/^-/, MINUS);
}

/** Money with thousands and two decimals, halves away from zero: `5,895.62`. */
export function formatMoney(amount: number, decimals = 2): string {
  return withTrueMinus(groupThousands(roundDecimal(amount, decimals)));
}

/** A number with at most some decimals and no trailing zeros: `3.15`, `1,200`. */
export function formatFigure(value: number, mostDecimals = 4): string {
  const rounded = roundDecimal(value, mostDecimals);
  const short = rounded.includes(".") ? rounded.replace(/\.?0+$/, "") : rounded;
  return withTrueMinus(groupThousands(short === "-0" ? "0" : short));
}

/**
 * A number with some significant digits, for intermediate values: `0.002618142`. What is past the largest double is
 * named as such; workings that meet it are not shown.
 */
export function formatSignificant(value: number, digits = 8): string {
  if (value === 0) return "0";
  if (!Number.isFinite(value)) return String(value);
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  if (magnitude < -6 || magnitude > 14) {
    const [mantissa = "", exponent = ""] = value.toExponential(digits - 1).split("e");
    return `${withTrueMinus(mantissa.replace(/\.?0+$/, ""))} × 10${superscript(Number(exponent))}`;
  }
  return formatFigure(value, Math.max(0, digits - 1 - magnitude));
}

const SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";

function superscript(power: number): string {
  const digits = String(Math.abs(power)).replace(
    /\d/g,
    (digit) => SUPERSCRIPTS[Number(digit)] ?? "",
  );
  return power < 0 ? `⁻${digits}` : digits;
}

/** Every digit of a double, grouped, in plain decimal form, so that typing it back loses no digit. */
export function formatExact(value: number): string {
  return groupThousands(plainDecimal(value));
}
