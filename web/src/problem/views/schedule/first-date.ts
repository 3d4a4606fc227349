import { isCalendarDate } from "@kestrelmoor/core";

export const ISO_DATE = /^\d{4}-\d{2}-\d{2}$/;

/** The date of the first payment, once it is typed in full and the calendar has it. */
export function dateIn(typed: string): string | null {
  const text = typed.trim();
  return ISO_DATE.test(text) && isCalendarDate(text) ? text : null;
}
