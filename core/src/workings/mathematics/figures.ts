import { formatFigure, formatMoney, formatSignificant } from "../../wording/format-number";
import { roundDecimal } from "../../numbers/round-decimal";
import type { Quantity, QuantityKind } from "./expression";

/** How far a course has intermediate values rounded; `null` carries every digit. */
export interface Rounding {
  /** Decimals of a factor. */
  readonly factor: number | null;
  /** Decimals of a rate for one period, in percent. */
  readonly rate: number | null;
}

export const UNROUNDED: Rounding = { factor: null, rate: null };

/** Whether a course has anything rounded on the way. */
export function roundsOnTheWay({ factor, rate }: Rounding): boolean {
  return factor !== null || rate !== null;
}

/** Digits of an intermediate value: enough that a line can be checked with what stands in it. */
export const WORKING_DIGITS = 12;

/** Rounds an intermediate value as the course demands, half away from zero. */
export function roundAs(kind: QuantityKind, value: number, rounding: Rounding): number {
  const decimals = decimalsOf(kind, rounding);
  return decimals === null || !Number.isFinite(value)
    ? value
    : Number(roundDecimal(value, decimals));
}

/** Decimals to which such a value is rounded; a rate stands in formulas as a decimal, with two more. */
export function decimalsOf(kind: QuantityKind, { factor, rate }: Rounding): number | null {
  if (kind === "factor") return factor;
  if (kind === "rate") return rate === null ? null : rate + 2;
  return null;
}

/** A value in digits: given ones as they were given, worked-out ones with all digits that count. */
export function figureOf({ kind, value, expression }: Quantity, rounding: Rounding): string {
  if (expression === null) return kind === "money" ? givenMoney(value) : plainFigure(value);
  const decimals = decimalsOf(kind, rounding);
  if (decimals !== null) return formatMoney(value, decimals);
  return kind === "money" ? workingMoney(value) : workingFigure(value);
}

export function workingFigure(value: number): string {
  return formatSignificant(value, WORKING_DIGITS);
}

/** Worked-out money has cents at least. */
function workingMoney(value: number): string {
  const text = workingFigure(value);
  return /^−?[\d,]+(\.\d)?$/.test(text) ? formatMoney(value) : text;
}

/** A number that stands for itself, with every digit it has; no more than count in a long one. */
export function plainFigure(value: number): string {
  const text = formatFigure(value, 12);
  const digits = text.replace(/^−?0?\.?0*|[,.]/g, "").length;
  // A small one may have lost digits behind the twelfth decimal.
  return isExactly(text, value) && digits < WORKING_DIGITS - 2 ? text : workingFigure(value);
}

/** Money as it was given: two decimals, or more where it has more; what was found has working digits. */
function givenMoney(value: number): string {
  const exact = formatFigure(value, 10);
  if (!isExactly(exact, value)) return workingMoney(value);
  return /\.\d{3}/.test(exact) ? exact : formatMoney(value);
}

function isExactly(text: string, value: number): boolean {
  return Number(text.replaceAll(",", "").replace("−", "-")) === value;
}
