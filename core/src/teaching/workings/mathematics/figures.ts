import { formatFigure, formatMoney, formatSignificant } from "../../../wording/format-number";
import { roundDecimal } from "../../../engine/numbers/round-decimal";
import type { Quantity, QuantityKind } from "./expression";

/** The rounding of intermediate values that a course asks for; `null` keeps every digit. */
export interface Rounding {
  /** Decimals of a factor. */
  readonly factor: number | null;
  /** Decimals of a periodic rate, as a percentage. */
  readonly rate: number | null;
}

export const UNROUNDED: Rounding = { factor: null, rate: null };

/** Whether any intermediate value is rounded. */
export function roundsOnTheWay({ factor, rate }: Rounding): boolean {
  return factor !== null || rate !== null;
}

/** Digits of an intermediate value: enough to check a line with the numbers in it. */
export const WORKING_DIGITS = 12;

/** Rounds an intermediate value, half away from zero. */
export function roundAs(kind: QuantityKind, value: number, rounding: Rounding): number {
  const decimals = decimalsOf(kind, rounding);
  return decimals === null || !Number.isFinite(value)
    ? value
    : Number(roundDecimal(value, decimals));
}

/** The decimals to which such a value is rounded; a rate in a formula is a decimal, with two more. */
export function decimalsOf(kind: QuantityKind, { factor, rate }: Rounding): number | null {
  if (kind === "factor") return factor;
  if (kind === "rate") return rate === null ? null : rate + 2;
  return null;
}

/** A value in digits: a given one as typed, a calculated one with its significant digits. */
export function figureOf({ kind, value, expression }: Quantity, rounding: Rounding): string {
  if (expression === null) return kind === "money" ? givenMoney(value) : plainFigure(value);
  const decimals = decimalsOf(kind, rounding);
  if (decimals !== null) return formatMoney(value, decimals);
  return kind === "money" ? workingMoney(value) : workingFigure(value);
}

export function workingFigure(value: number): string {
  return formatSignificant(value, WORKING_DIGITS);
}

/** Calculated money has at least two decimals. */
function workingMoney(value: number): string {
  const text = workingFigure(value);
  return /^−?[\d,]+(\.\d)?$/.test(text) ? formatMoney(value) : text;
}

/** A plain number with every digit; a long one with its significant digits. */
export function plainFigure(value: number): string {
  const text = formatFigure(value, 12);
  const digits = text.replace(/^−?0?\.?0*|[,.]/g, "").length;
  // A small number may lose digits after the twelfth decimal.
  return isExactly(text, value) && digits < WORKING_DIGITS - 2 ? text : workingFigure(value);
}

/** Given money: two decimals, or more if it has more; a calculated amount has working digits. */
function givenMoney(value: number): string {
  const exact = formatFigure(value, 10);
  if (!isExactly(exact, value)) return workingMoney(value);
  return /\.\d{3}/.test(exact) ? exact : formatMoney(value);
}

function isExactly(text: string, value: number): boolean {
  return Number(text.replaceAll(",", "").replace("−", "-")) === value;
}
