import { formatFigure, formatMoney, formatSignificant } from "../wording/format-number";

/** Makes a formatted number fit for LaTeX: no space after commas, a power of ten as one. */
function toLatex(text: string): string {
  return text
    .replace(/ × 10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/, (_, power: string) => powerOfTen(power))
    .replace(/,/g, "{,}")
    .replace(/−/g, "-")
    .replace(/\u00a0?%/g, String.raw`\,\%`);
}

function powerOfTen(superscript: string): string {
  const digits = superscript.replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (sign) => String("⁰¹²³⁴⁵⁶⁷⁸⁹".indexOf(sign)));
  return String.raw` \times 10^{${digits.replace("⁻", "-")}}`;
}

export function moneyLatex(amount: number): string {
  return toLatex(formatMoney(amount));
}

/** Money with digits beyond the cent, where it is an intermediate value. */
export function longMoneyLatex(amount: number): string {
  return toLatex(formatMoney(amount, 6));
}

/** An intermediate value: enough digits that the next step can be checked with them. */
export function numberLatex(value: number): string {
  return toLatex(formatSignificant(value, 10));
}

/** A count in an exponent, where a comma would be in the way. */
export function exponentLatex(value: number): string {
  return numberLatex(value).replaceAll("{,}", "");
}

/** A number as it was given, with all the digits that it has up to ten decimals. */
export function givenLatex(value: number): string {
  return toLatex(formatFigure(value, 10));
}

export function percentLatex(percent: number): string {
  return String.raw`${givenLatex(percent)}\,\%`;
}

export function textLatex(text: string): string {
  return String.raw`\text{${text.replace(/[\\{}$&#^_~%]/g, " ")}}`;
}

/** A power with its base in brackets where it needs them. A first power is the base itself. */
export function powerLatex(base: string, exponent: string): string {
  return exponent === "1" ? `(${base})` : `(${base})^{${exponent}}`;
}

export const TIMES = String.raw` \times `;

export function fractionLatex(over: string, under: string): string {
  return String.raw`\frac{${over}}{${under}}`;
}

/** The mark of the unknown. As plain text, for LaTeX sets a bare "?" tight like punctuation. */
export const UNKNOWN_LATEX = String.raw`\text{?}`;
