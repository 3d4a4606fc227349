import { issue, type Issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { readCount } from "./read-count";
import { readTimeAmongPayments, type PaymentTimes } from "./read-time-among-payments";
import { wholeFrom, wholeUpTo } from "../../engine/numbers/compare";

const NUMBER = /^(?:payment|number|no\.?|#)?\s*(\d{1,7})(?:st|nd|rd|th)?(?:\s+payment)?$/;
const YEAR = /^year\s*(\d{1,4})$/;

/**
 * Reads which payment is meant: `13`, `payment 13`, `year 2` (its first payment), a time or a date.
 *
 * @param meant what a time says: the payment `at` it or next after it, or the first one whose period
 *   begins at it, which is one later
 * @returns a number from 1; fails with `payment-number-missing` or `payment-number-not-understood`, and for a date that
 *   does not exist, or where payments have none, with the reason
 */
export function readPaymentNumber(
  typed: string,
  payments: PaymentTimes,
  meant: "at" | "period",
): Result<number> {
  const { first, frequency } = payments;
  const text = typed.trim().toLowerCase();
  if (text === "") return fail(issue("payment-number-missing", [], {}));
  const notUnderstood = fail(issue("payment-number-not-understood", [], { at: typed.trim() }));
  const number = NUMBER.exec(text)?.[1];
  if (number !== undefined) return Number(number) >= 1 ? succeed(Number(number)) : notUnderstood;
  const year = YEAR.exec(text)?.[1];
  if (year !== undefined) {
    return Number(year) >= 1
      ? succeed(wholeUpTo((Number(year) - 1) * frequency) + 1)
      : notUnderstood;
  }
  const time = readTimeAmongPayments(text.replace(/\s+on$/, ""), payments);
  if (!time.ok) return saysMore(time.issues) ? time : notUnderstood;
  const periods = (time.value - first) * frequency;
  return succeed(
    meant === "at" ? Math.max(1, wholeFrom(periods) + 1) : Math.max(1, wholeUpTo(periods) + 2),
  );
}

/** Whether the reason is about the date that was typed: then it is told itself. */
function saysMore(issues: readonly Issue[]): boolean {
  return issues.some(({ code }) => code.startsWith("date-") || code === "payments-without-dates");
}

/**
 * Reads for how many payments something holds: `6`, `6 payments`, `1 year`.
 *
 * @returns a whole number from 1; fails with `payments-missing` or `payments-not-understood`
 */
export function readPayments(
  typed: string,
  { every }: Pick<PaymentTimes, "every">,
): Result<number> {
  const text = typed.trim();
  if (text === "") return fail(issue("payments-missing", [], {}));
  const notUnderstood = fail(issue("payments-not-understood", [], { at: text }));
  const read = readCount(/^\d+$/.test(text) ? `${text} payments` : text, every);
  if (!read.ok || read.value === "forever") return notUnderstood;
  const whole = Math.round(read.value);
  return whole >= 1 ? succeed(whole) : notUnderstood;
}
