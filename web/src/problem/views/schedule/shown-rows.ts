import {
  paymentDate,
  scheduleYears,
  yearOfLife,
  type ScheduleRow,
  type ScheduleYear,
  type TimeBefore,
} from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";

/** A row on the screen: what was there before the first period, a year with its subtotals, or a payment with what has been paid up to it. */
export type ShownRow =
  | { readonly kind: "before"; readonly before: TimeBefore }
  | { readonly kind: "year"; readonly year: ScheduleYear; readonly isOpen: boolean }
  | {
      readonly kind: "payment";
      readonly row: ScheduleRow;
      readonly date: string | null;
      readonly interestSoFar: number;
    };

export interface ShownSchedule {
  readonly years: readonly ScheduleYear[];
  readonly rows: readonly ShownRow[];
}

/** Schedules this short are shown whole at first; of longer ones the years, and the first of them open. */
const MOST_OPEN_AT_FIRST = 24;

/**
 * The rows that are shown. Years are those of the calendar where the first payment has a date, else those
 * of the stream's life; payments that come once a year or less stand without years.
 *
 * @param open years that somebody has opened, or all of them; `null` before anybody has
 */
export function shownSchedule(
  { schedule, every, frequency }: ScheduleAccount,
  firstDate: string | null,
  open: ReadonlySet<number> | "all" | null,
): ShownSchedule {
  const dateOf = ({ payment }: ScheduleRow) =>
    firstDate === null ? null : paymentDate(firstDate, every, payment - 1);
  const yearOf = (row: ScheduleRow) => {
    const date = dateOf(row);
    return date === null ? yearOfLife(row.payment, frequency) : Number(date.slice(0, 4));
  };
  let interestSoFar = schedule.before?.interest ?? 0;
  const payments = schedule.rows.map((row): ShownRow => {
    interestSoFar += row.interest;
    return { kind: "payment", row, date: dateOf(row), interestSoFar };
  });
  const before: readonly ShownRow[] =
    schedule.before === null ? [] : [{ kind: "before", before: schedule.before }];
  if (frequency <= 1) return { years: [], rows: [...before, ...payments] };
  const years = scheduleYears(schedule, yearOf);
  const isShort = schedule.rows.length <= MOST_OPEN_AT_FIRST;
  const isOpen = ({ year }: ScheduleYear) =>
    open === "all" || (open === null ? isShort || year === years[0]?.year : open.has(year));
  return {
    years,
    rows: [
      ...before,
      ...years.flatMap((year): ShownRow[] => [
        { kind: "year", year, isOpen: isOpen(year) },
        ...(isOpen(year) ? payments.slice(year.from - 1, year.to) : []),
      ]),
    ],
  };
}
