import * as z from "zod";
import { roundDecimal } from "../numbers/round-decimal";
import { formatSignificant } from "./format-number";

/** How an answer is to be written: what teachers ask for and what other programs take. */
export const answerFormatSchema = z.strictObject({
  /** Of money, always as many. */
  decimals: z.int().min(0).max(8),
  /** Of a rate in percent, at the most; a rate as a decimal has two more. */
  rateDecimals: z.int().min(0).max(8),
  rounding: z.enum(["half-up", "half-even", "down", "up"]),
  /** What stands between the thousands, and what before the decimals. */
  marks: z.enum([
    "comma-point",
    "space-point",
    "plain-point",
    "point-comma",
    "space-comma",
    "plain-comma",
  ]),
  /** Before an amount of money, or nothing. */
  sign: z.string().max(4),
  /** Whether money out is told by words or by a minus. */
  moneyOut: z.enum(["words", "minus"]),
  rate: z.enum(["percent", "decimal"]),
});

export type AnswerFormat = z.infer<typeof answerFormatSchema>;

/** As money is written on paper: `5,895.62`, `3.15 %`. */
export const USUAL_FORMAT: AnswerFormat = {
  decimals: 2,
  rateDecimals: 4,
  rounding: "half-up",
  marks: "comma-point",
  sign: "",
  moneyOut: "words",
  rate: "percent",
};

/** An amount of money: `5,895.62`, `−€1.234,50`. */
export function writeMoney(amount: number, format: AnswerFormat): string {
  const text = inMarks(roundDecimal(Math.abs(amount), format.decimals, format.rounding), format);
  const isZero = !/[1-9]/.test(text);
  return `${amount < 0 && !isZero ? "−" : ""}${format.sign}${text}`;
}

/** An amount with its direction, which is a minus only where the format has it so. */
export function writeDirected(
  amount: number,
  direction: "in" | "out" | undefined,
  format: AnswerFormat,
): string {
  const isMinus = direction === "out" && format.moneyOut === "minus";
  return writeMoney(isMinus ? -Math.abs(amount) : Math.abs(amount), format);
}

/** A rate given in percent: `3.15 %`, `0.0315`. One that is not zero is never written as zero. */
export function writeRate(percent: number, format: AnswerFormat): string {
  const isDecimal = format.rate === "decimal";
  const value = isDecimal ? percent / 100 : percent;
  const text = writeFigure(value, format, format.rateDecimals + (isDecimal ? 2 : 0));
  const vanished = percent !== 0 && !/[1-9]/.test(text);
  const shown = vanished ? withMark(formatSignificant(value, 4), format) : text;
  return isDecimal ? shown : `${shown}\u00a0%`;
}

/** Any other number, with no more decimals than it has. */
export function writeFigure(value: number, format: AnswerFormat, mostDecimals = 4): string {
  const rounded = roundDecimal(value, mostDecimals, format.rounding);
  const short = rounded.includes(".") ? rounded.replace(/\.?0+$/, "") : rounded;
  return inMarks(short === "-0" ? "0" : short, format).replace(/^-/, "−");
}

const BETWEEN = { comma: ",", point: ".", space: "\u202f", plain: "" } as const;

function inMarks(decimal: string, format: AnswerFormat): string {
  const [whole = "", fraction] = decimal.split(".");
  const between = BETWEEN[format.marks.split("-")[0] as keyof typeof BETWEEN];
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, between);
  return fraction === undefined ? grouped : `${grouped}${decimalMark(format)}${fraction}`;
}

function decimalMark({ marks }: AnswerFormat): string {
  return marks.endsWith("comma") ? "," : ".";
}

function withMark(text: string, format: AnswerFormat): string {
  return text.replace(".", decimalMark(format));
}
