import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { placeAmongPayments } from "../../engine/schedule/payment-dates";
import type { TimesSaid } from "./names";
import { readDate } from "./read-date";
import { readMoment } from "./read-moment";

/** When the payments of a stream fall. */
export interface PaymentTimes {
  /** Years from today to the first of them. */
  readonly first: number;
  /** Payments a year. */
  readonly frequency: number;
  /** Time between two of them, ISO 8601. */
  readonly every: string;
  /** Date of the first of them, ISO 8601; `null` where they have none. */
  readonly firstDate: string | null;
  /** By what times are read. */
  readonly said: TimesSaid;
}

/**
 * Reads a time beside payments: `2 years`, `9 months ago`, and where they have dates `20 Sep 2029`, which falls among
 * them as it does in the calendar: their periods are equally long in the account.
 *
 * @returns years from today; fails as `readMoment` does, and with `payments-without-dates`
 */
export function readTimeAmongPayments(typed: string, payments: PaymentTimes): Result<number> {
  const { first, frequency, every, firstDate, said } = payments;
  const text = typed.trim().replace(/^(?:after|on|by)\s+/i, "");
  const date = readDate(text, said.dateOrder);
  if (date === null) {
    const moment = readMoment(text, said);
    return moment.ok ? succeed(moment.value.years) : moment;
  }
  if (!date.ok) return date;
  const place = firstDate === null ? null : placeAmongPayments(date.value, firstDate, every);
  return place === null
    ? fail(issue("payments-without-dates", [], {}))
    : succeed(first + place / frequency);
}
