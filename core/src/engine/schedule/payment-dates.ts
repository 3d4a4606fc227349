import { calendarOf } from "../problem/calendar-of";
import type { FlowOf, Problem } from "../problem/schema";
import { dateAfter, daysBetween, daysInMonth, isoDate } from "../time/calendar";
import { frequencyOf, parseDuration } from "../time/duration";
import { dateAt, isDate } from "../time/moment";

/**
 * The calendar date of a payment. Months and years keep the day of the first payment; where a month is too
 * short for it, the payment falls on the last day of that month, and goes back to its own day afterwards.
 * Weeks and days are counted as they are.
 *
 * @param first date of the first payment, ISO 8601; one that the calendar has
 * @param every how often is paid, an ISO 8601 duration
 * @param index of the payment, from 0; below zero for what would have come before the first
 * @returns ISO 8601; `null` for a period that the calendar does not have, such as half a month, and beyond
 *   the year 9999
 */
export function paymentDate(first: string, every: string, index: number): string | null {
  const duration = parseDuration(every);
  if (duration === null) return null;
  const months = (duration.years * 12 + duration.months) * index;
  const days = (duration.weeks * 7 + duration.days) * index;
  if (!Number.isInteger(months) || !Number.isInteger(days)) return null;
  const [year = NaN, month = NaN, day = NaN] = first.split("-").map(Number);
  const wanted = month - 1 + months;
  const [inYear, inMonth] = [year + Math.floor(wanted / 12), (((wanted % 12) + 12) % 12) + 1];
  const onDay = Math.min(day, daysInMonth(inYear, inMonth));
  const date = dateAfter(isoDate(inYear, inMonth, onDay), days);
  return date.length === ISO_LENGTH ? date : null;
}

const ISO_LENGTH = 10;

/**
 * The date of the first payment of a stream, where today has one. Months and years are those of the calendar: payments
 * that begin half a year from 15 January begin on 15 July.
 *
 * @param begins when its first period begins in fact, in years from today
 * @returns ISO 8601; `null` without a date of today, and where the calendar has no such date
 */
export function firstPaymentDate(
  problem: Pick<Problem, "today" | "dayCount" | "flows">,
  { begins: position, timing, every }: FlowOf<"stream">,
  begins: number,
): string | null {
  const calendar = calendarOf(problem);
  if (calendar === null) return null;
  const start = typeof position === "string" ? calendarDateOf(position, calendar.today) : null;
  const from = start ?? dateAt(begins, calendar);
  return from === null || timing === "start" ? from : paymentDate(from, every, 1);
}

function calendarDateOf(moment: string, today: string): string | null {
  if (isDate(moment)) return moment;
  return moment.startsWith("-")
    ? paymentDate(today, moment.slice(1), -1)
    : paymentDate(today, moment, 1);
}

/**
 * Where a calendar date falls among payments: 0 is the first, 1.5 half of the days from the second to the
 * third.
 *
 * @param date ISO 8601; one that the calendar has
 * @param first date of the first payment, ISO 8601
 * @param every how often is paid, an ISO 8601 duration
 * @returns below zero before the first; `null` where payments have no dates
 */
export function placeAmongPayments(date: string, first: string, every: string): number | null {
  const days = daysBetween(first, date);
  let index = Math.floor((days / DAYS_PER_YEAR) * frequencyOf(every));
  const dueAt = (place: number) => paymentDate(first, every, place);
  // The guess by years of even length is at most a few payments off.
  while ((dueAt(index) ?? "") > date) index -= 1;
  for (let next = dueAt(index + 1); next !== null && next <= date; next = dueAt(index + 1)) {
    index += 1;
  }
  const [before, after] = [dueAt(index), dueAt(index + 1)];
  if (before === null || after === null) return null;
  return index + daysBetween(before, date) / daysBetween(before, after);
}

const DAYS_PER_YEAR = 365.2425;
