import { writeFigure, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { WorkedSum } from "@kestrelmoor/core/typing";

/** The value of a calculation, as money or as a number. */
export function sumText({ value, is }: WorkedSum, format: AnswerFormat): string {
  return is === "money" ? writeMoney(value, format) : writeFigure(value, format, 6);
}
