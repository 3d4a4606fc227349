import { issue } from "../../engine/issues/issue";
import type { Position } from "../../engine/problem/schema";
import { fail, succeed, type Result } from "../../engine/result";
import { after, formatDuration, NO_TIME, parseDuration } from "../../engine/time/duration";
import type { Names } from "./names";
import { readPaymentTime } from "./read-payment-time";
import { readTime, type TypedTime } from "./read-time";

/** A time of its own, or the end of repeated payments. */
export type SaidTime = TypedTime | { readonly endOf: string };

const ENDS =
  /^(?:when|once|until)\s+(.+?)\s+(?:ends?|stops?|finish(?:es)?|(?:is|are) (?:over|done|paid off))$/;
const END_OF = /^(?:at |on |from |after |with )?(?:the )?(?:end|last(?: payment)?) of\s+(\D.*)$/;
const LAST_OF = /^(?:at |on |from |after |with )?the last\s+(.+?)(?: payment)?$/;
const LAST = /^(?:at |on |from |after |with )?the (?:last payment|end|end of (?:the )?payments)$/;

const PERIODS =
  /^(?:after |in |at )?(?:(?:the )?end of )?(?:period (?<number>\d{1,5})|(?<count>\d{1,5}) periods?(?: (?:from (?:now|today)|later))?)$/;

/**
 * Reads a time that may wait for payments to end: `6 years`, `8 periods`, `payment 30`, `when saving ends`,
 * `the end of the lease`, `after the last payment`.
 *
 * @param names what the other lines are called, and how long a period is
 * @returns as `readTime` does; fails with `name-not-found`, `period-without-length` and as
 *   `readPaymentTime` does too
 */
export function readPosition(typed: string, names: Names): Result<SaidTime> {
  const text = typed.trim().toLowerCase().replace(/\s+/g, " ");
  if (names.onlyStream !== null && LAST.test(text)) return succeed({ endOf: names.onlyStream });
  const periods = PERIODS.exec(text)?.groups;
  if (periods !== undefined) {
    return afterPeriods(Number(periods["number"] ?? periods["count"]), names.period);
  }
  const payment = readPaymentTime(text, names);
  if (payment !== null) return payment;
  const name = (ENDS.exec(text) ?? END_OF.exec(text) ?? LAST_OF.exec(text))?.[1];
  if (name === undefined) return readTime(typed);
  const endOf = names.find(name);
  if (endOf !== null) return succeed({ endOf });
  const time = readTime(typed);
  return time.ok ? time : fail(issue("name-not-found", [], { name }));
}

function afterPeriods(count: number, period: string | null): Result<SaidTime> {
  const length = period === null ? null : parseDuration(period);
  if (length === null) return fail(issue("period-without-length", [], {}));
  return readTime(formatDuration(after(NO_TIME, length, count)));
}

/** A time as the problem file has it. */
export function positionOf(time: SaidTime): Exclude<Position, null> {
  return "endOf" in time ? { endOf: time.endOf } : time.duration;
}
