import type { Schedule, ScheduleRow } from "./schedule-types";
import { spanTotals, type SpanTotals } from "./span-totals";
import { wholeUpTo } from "../numbers/compare";

/** The payments of a schedule that belong to one year. */
export interface ScheduleYear {
  /** The year by its number: from 1, or of the calendar. */
  readonly year: number;
  /** Numbers of its first and its last payment. */
  readonly from: number;
  readonly to: number;
  readonly totals: SpanTotals;
  /** At its end. */
  readonly balance: number;
}

/**
 * A schedule in years with their subtotals, which add up to the whole.
 *
 * @param yearOf the year that a payment belongs to; it never falls
 */
export function scheduleYears(
  schedule: Schedule,
  yearOf: (row: ScheduleRow) => number,
): ScheduleYear[] {
  const { rows } = schedule;
  const starts = rows.flatMap((row, index) => {
    const before = rows[index - 1];
    return before === undefined || yearOf(before) !== yearOf(row) ? [index] : [];
  });
  return starts.flatMap((start, place): ScheduleYear[] => {
    const end = starts[place + 1] ?? rows.length;
    const [first, last] = [rows[start], rows[end - 1]];
    if (first === undefined || last === undefined) return [];
    return [
      {
        year: yearOf(first),
        from: first.payment,
        to: last.payment,
        totals: spanTotals(schedule, first.payment, last.payment),
        balance: last.balance,
      },
    ];
  });
}

/** The year of its own life in which a payment falls, from 1. @param frequency payments a year */
export function yearOfLife(payment: number, frequency: number): number {
  return wholeUpTo((payment - 1) / frequency) + 1;
}
