import { paymentDate, type AnswerFormat } from "@kestrelmoor/core";
import { scheduleWorkbook, type Workbook } from "@kestrelmoor/core/teaching";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";

/** A schedule as a workbook with live formulas, in the words of the screen. */
export function scheduleBook(
  { run, every }: ScheduleAccount,
  firstDate: string | null,
  title: string,
  format: AnswerFormat,
): Workbook {
  return scheduleWorkbook(run, {
    title: title.trim() === "" ? "Schedule" : title,
    whenOf: ({ payment, time }) =>
      (firstDate === null ? null : paymentDate(firstDate, every, payment - 1)) ??
      afterWords(time, format),
  });
}
