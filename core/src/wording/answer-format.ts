import type { Direction } from "../engine/problem/schema";
import * as z from "zod";
import { roundDecimal } from "../engine/numbers/round-decimal";
import { formatSignificant } from "./format-number";

/** Number format of an answer, to match a course's rules or another program. */
export const answerFormatSchema = z.strictObject({
  /** Decimals of money, always shown. */
  decimals: z.int().min(0).max(8),
  /** The most decimals of a rate as a percentage; a rate as a decimal has two more. */
  rateDecimals: z.int().min(0).max(8),
  /** The most decimals of a time in years. */
  timeDecimals: z.int().min(0).max(8).default(3),
  /** Whether rates and times in years have all their decimals, also zeros at the end: `8.1780%`. */
  hasAllDecimals: z.boolean().default(false),
  rounding: z.enum(["half-up", "half-even", "down", "up"]),
  /** The separator of thousands, then the decimal mark. */
  marks: z.enum([
    "comma-point",
    "space-point",
    "plain-point",
    "point-comma",
    "space-comma",
    "plain-comma",
  ]),
  /** The currency sign before an amount of money; may be empty. */
  sign: z.string().max(4),
  /** Whether money out is shown in words or with a minus sign. */
  moneyOut: z.enum(["words", "minus"]),
  rate: z.enum(["percent", "decimal"]),
});

export type AnswerFormat = z.infer<typeof answerFormatSchema>;

/** The default: `5,895.62`, `3.15%`. */
export const USUAL_FORMAT: AnswerFormat = {
  decimals: 2,
  rateDecimals: 4,
  timeDecimals: 3,
  hasAllDecimals: false,
  rounding: "half-up",
  marks: "comma-point",
  sign: "",
  moneyOut: "words",
  rate: "percent",
};

/**
 * An amount of money: `5,895.62`, `−€1.234,50`.
 *
 * @param decimals if a place needs more or fewer than the format has
 */
export function writeMoney(
  amount: number,
  format: AnswerFormat,
  decimals = format.decimals,
): string {
  const text = inMarks(roundDecimal(Math.abs(amount), decimals, format.rounding), format);
  const isZero = !/[1-9]/.test(text);
  return `${amount < 0 && !isZero ? "−" : ""}${format.sign}${text}`;
}

/** An amount with its direction: a minus sign if the format asks for one. */
export function writeDirected(
  amount: number,
  direction: Direction | undefined,
  format: AnswerFormat,
): string {
  const isMinus = direction === "out" && format.moneyOut === "minus";
  return writeMoney(isMinus ? -Math.abs(amount) : Math.abs(amount), format);
}

/** A rate given as a percentage: `3.15%`, `0.0315`. A rate that is not zero is never written as zero. */
export function writeRate(
  percent: number,
  format: AnswerFormat,
  mostDecimals = format.rateDecimals,
): string {
  const isDecimal = format.rate === "decimal";
  const value = isDecimal ? percent / 100 : percent;
  const text = writeDecimals(value, format, mostDecimals + (isDecimal ? 2 : 0));
  const vanished = percent !== 0 && !/[1-9]/.test(text);
  const shown = vanished ? writeSignificant(value, format, 4) : text;
  return isDecimal ? shown : `${shown}${percentSign(format)}`;
}

/** A number with as many decimals as the format has for it: without zeros at the end, unless it asks for them. */
export function writeDecimals(value: number, format: AnswerFormat, decimals: number): string {
  if (!format.hasAllDecimals) return writeFigure(value, format, decimals);
  return inMarks(roundDecimal(value, decimals, format.rounding), format).replace(/^-/, "−");
}

/**
 * A number as it is shown, by default as money: what is added or subtracted on the screen is made of these.
 */
export function shownNumber(
  value: number,
  format: AnswerFormat,
  decimals = format.decimals,
): number {
  return Number(roundDecimal(value, decimals, format.rounding));
}

/** A percentage, whatever form the format has for rates: `0.616667%`. */
export function writePercent(percent: number, format: AnswerFormat, mostDecimals = 4): string {
  return writeRate(percent, { ...format, rate: "percent", hasAllDecimals: false }, mostDecimals);
}

/** Closed up after a decimal point, `7.4%`; after a decimal comma a no-break space is usual, `7,4 %`. */
function percentSign(format: AnswerFormat): string {
  return decimalMark(format) === "," ? "\u00a0%" : "%";
}

/** Any other number, without trailing zeros. */
export function writeFigure(value: number, format: AnswerFormat, mostDecimals = 4): string {
  const rounded = roundDecimal(value, mostDecimals, format.rounding);
  const short = rounded.includes(".") ? rounded.replace(/\.?0+$/, "") : rounded;
  return inMarks(short === "-0" ? "0" : short, format).replace(/^-/, "−");
}

function inMarks(decimal: string, format: AnswerFormat): string {
  const [whole = "", fraction] = decimal.split(".");
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, thousandsMark(format));
  return fraction === undefined ? grouped : `${grouped}${decimalMark(format)}${fraction}`;
}

/** A number already written as `1,234.56`, in the marks of a format. */
export function withMarks(text: string, format: AnswerFormat): string {
  return text.replace(/[,.]/g, (mark) =>
    mark === "," ? thousandsMark(format) : decimalMark(format),
  );
}

/** A number with some significant digits, for intermediate values: `0.002618142`. */
export function writeSignificant(value: number, format: AnswerFormat, digits = 8): string {
  return withMarks(formatSignificant(value, digits), format);
}

const THOUSANDS_MARKS = { comma: ",", point: ".", space: "\u202f", plain: "" } as const;

function thousandsMark({ marks }: AnswerFormat): string {
  return THOUSANDS_MARKS[marks.split("-")[0] as keyof typeof THOUSANDS_MARKS];
}

function decimalMark({ marks }: AnswerFormat): string {
  return marks.endsWith("comma") ? "," : ".";
}
