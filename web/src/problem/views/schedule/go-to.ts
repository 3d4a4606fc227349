import {
  firstReaching,
  paymentDate,
  sentenceWhereKnown,
  type ScheduleRow,
  type AnswerFormat,
  isUpTo,
} from "@kestrelmoor/core";
import {
  readDate,
  readMoney,
  readTimeAmongPayments,
  type TimesSaid,
} from "@kestrelmoor/core/typing";
import type { ScheduleAccount } from "./account-of";
import { paymentTimesOf } from "./payment-times";

export type Found =
  | { readonly state: "found"; readonly row: ScheduleRow }
  | { readonly state: "none"; readonly sentence: string }
  | { readonly state: "empty" };

const NUMBER = /^(?:payment\s*|no\.?\s*|#\s*)?(\d[\d,]*)$/i;
const BALANCE = /^(?:the\s+)?(?:balance|below|under)\s+(?:below\s+|under\s+)?(.+)$/i;

/** By what is read what somebody wants to see. */
export interface GoToReading {
  /** Of the first payment, ISO 8601; `null` where payments have no dates. */
  readonly firstDate: string | null;
  readonly said: TimesSaid;
  readonly format: AnswerFormat;
}

/**
 * The payment that somebody wants to see: `63`, `payment 63`, `after 2 years`, `1 May 2029` where payments
 * have dates, or `below 20,000` for the first that brings the balance there.
 */
export function goTo(
  typed: string,
  account: ScheduleAccount,
  { firstDate, said, format }: GoToReading,
): Found {
  const text = typed.trim();
  const { schedule } = account;
  const { rows } = schedule;
  const last = rows.length;
  if (text === "") return { state: "empty" };
  const number = NUMBER.exec(text);
  if (number !== null) {
    const row = rows[Number((number[1] ?? "").replaceAll(",", "")) - 1];
    return row === undefined ? none(`Type a payment from 1 to ${last}.`) : { state: "found", row };
  }
  const balance = BALANCE.exec(text);
  if (balance !== null) {
    const amount = readMoney(balance[1] ?? "");
    if (!amount.ok)
      return none(amount.issues.map((issue) => sentenceWhereKnown(issue, format)).join(" "));
    const row = firstReaching(schedule, amount.value);
    return row === null ? none("The balance never reaches that.") : { state: "found", row };
  }
  const date = readDate(text, said.dateOrder);
  if (date?.ok === true && firstDate !== null) return atDate(date.value, account, firstDate);
  const time = readTimeAmongPayments(text, paymentTimesOf(account, firstDate, said));
  if (!time.ok)
    return none(time.issues.map((issue) => sentenceWhereKnown(issue, format)).join(" "));
  const row = rows.findLast(({ time: at }) => isUpTo(at, time.value));
  return row === undefined
    ? none("No payment has been made by then. Type a later time.")
    : { state: "found", row };
}

/** The payment of a day, or the next one after it. */
function atDate(date: string, { schedule, every }: ScheduleAccount, firstDate: string): Found {
  const row = schedule.rows.find(
    ({ payment }) => (paymentDate(firstDate, every, payment - 1) ?? "") >= date,
  );
  return row === undefined ? none("Everything is repaid by then.") : { state: "found", row };
}

function none(sentence: string): Found {
  return { state: "none", sentence };
}
