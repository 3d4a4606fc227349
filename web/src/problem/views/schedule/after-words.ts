import { spanWords, type AnswerFormat } from "@kestrelmoor/core";

/** When a payment falls, in the unit that has it exactly: after 40 days, after 3 years 1 month. */
export function afterWords(years: number, format: AnswerFormat): string {
  return years === 0 ? "today" : `after ${spanWords(years, format)}`;
}
