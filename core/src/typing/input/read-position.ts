import { issue } from "../../engine/issues/issue";
import type { Position } from "../../engine/problem/schema";
import { fail, succeed, type Result } from "../../engine/result";
import { yearsOfMoment } from "../../engine/time/moment";
import { after, formatDuration, NO_TIME, parseDuration } from "../../engine/time/duration";
import type { Names } from "./names";
import { readDate } from "./read-date";
import { readPaymentTime } from "./read-payment-time";
import { inYearsOf, readTime, type TypedTime } from "./read-time";

/** A time of its own: a length of time from today, or a date. */
export interface Moment {
  /** As the problem file has it: ISO 8601, with a minus sign in front of a time before today. */
  readonly moment: string;
  /** From today; below zero before it. */
  readonly years: number;
}

/** A time of its own, or the end of repeated payments. */
export type SaidTime = Moment | { readonly endOf: string };

const PAST = /\s+(?:ago|earlier|before (?:now|today))$/;
const MINUS = /^[-−–]\s*(?=[\dp])/i;
/** What is typed as the problem file has it counts textbook years, as it does there. */
const IS_ISO = /^\s*p/i;
const ENDS =
  /^(?:when|once|until)\s+(.+?)\s+(?:ends?|stops?|finish(?:es)?|(?:is|are) (?:over|done|paid off))$/;
const END_OF = /^(?:at |on |from |after |with )?(?:the )?(?:end|last(?: payment)?) of\s+(\D.*)$/;
const LAST_OF = /^(?:at |on |from |after |with )?the last\s+(.+?)(?: payment)?$/;
const LAST = /^(?:at |on |from |after |with )?the (?:last payment|end|end of (?:the )?payments)$/;

const PERIODS =
  /^(?:after |in |at )?(?:(?:the )?end of )?(?:period (?<number>\d{1,5})|(?<count>\d{1,5}) periods?(?: (?:from (?:now|today)|later))?)$/;

/**
 * Reads a time that may lie before today, be a date, or wait for payments to end: `6 years`, `9 months ago`,
 * `20 Sep 2027`, `8 periods`, `payment 30`, `when saving ends`, `the end of the lease`, `after the last payment`.
 *
 * @param names what the other lines are called, how long a period is, and what dates are counted by
 * @returns as `readTime` does; fails with `name-not-found`, `period-without-length`, `date-without-today` and as
 *   `readPaymentTime` and `readDate` do too
 */
export function readPosition(typed: string, names: Names): Result<SaidTime> {
  const text = typed.trim().toLowerCase().replace(/\s+/g, " ");
  if (names.onlyStream !== null && LAST.test(text)) return succeed({ endOf: names.onlyStream });
  const periods = PERIODS.exec(text)?.groups;
  if (periods !== undefined) {
    return ahead(afterPeriods(Number(periods["number"] ?? periods["count"]), names.period));
  }
  const payment = readPaymentTime(text, names);
  if (payment !== null) return ahead(payment);
  const date = readDate(typed, names.dateOrder);
  if (date !== null) return date.ok ? dateIn(date.value, names) : date;
  const name = (ENDS.exec(text) ?? END_OF.exec(text) ?? LAST_OF.exec(text))?.[1];
  if (name === undefined) return timeOf(typed, text, names);
  const endOf = names.find(name);
  if (endOf !== null) return succeed({ endOf });
  const time = timeOf(typed, text, names);
  return time.ok ? time : fail(issue("name-not-found", [], { name }));
}

/** A length of time from today, forwards or back. */
function timeOf(typed: string, text: string, { dayCount }: Names): Result<SaidTime> {
  const lengthOf = (length: string): Result<TypedTime> => {
    const time = readTime(length);
    return time.ok && !IS_ISO.test(length) ? inYearsOf(dayCount, time.value) : time;
  };
  if (MINUS.test(text)) return ago(lengthOf(typed.trim().replace(MINUS, "")));
  return PAST.test(text) ? ago(lengthOf(text.replace(PAST, ""))) : ahead(lengthOf(typed));
}

function ahead(time: Result<TypedTime>): Result<SaidTime> {
  return time.ok ? succeed(momentOf(time.value)) : time;
}

/** A length of time from today. */
export function momentOf({ duration, years }: TypedTime): Moment {
  return { moment: duration, years };
}

function ago(time: Result<TypedTime>): Result<SaidTime> {
  if (!time.ok) return time;
  const { duration, years } = time.value;
  return succeed(
    years === 0 ? { moment: duration, years } : { moment: `-${duration}`, years: -years },
  );
}

function dateIn(on: string, { calendar }: Names): Result<SaidTime> {
  return calendar === null
    ? fail(issue("date-without-today", [], { on }))
    : succeed({ moment: on, years: yearsOfMoment(on, calendar) });
}

function afterPeriods(count: number, period: string | null): Result<TypedTime> {
  const length = period === null ? null : parseDuration(period);
  if (length === null) return fail(issue("period-without-length", [], {}));
  return readTime(formatDuration(after(NO_TIME, length, count)));
}

/** A time as the problem file has it. */
export function positionOf(time: SaidTime): Exclude<Position, null> {
  return "endOf" in time ? { endOf: time.endOf } : time.moment;
}
