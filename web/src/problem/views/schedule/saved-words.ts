import { spanWords, type AnswerFormat, writeFigure } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";

/** The effect of the changes, in one sentence. */
export function savedWords(
  plain: ScheduleAccount,
  changed: ScheduleAccount,
  money: (amount: number) => string,
  format: AnswerFormat,
): string {
  const { schedule } = plain;
  const interest = schedule.totalInterest - changed.schedule.totalInterest;
  if (schedule.kind === "saving") return savingsWords(plain, changed, money);
  const time = (schedule.rows.at(-1)?.time ?? 0) - (changed.schedule.rows.at(-1)?.time ?? 0);
  const count = schedule.paymentsMade - changed.schedule.paymentsMade;
  // Less interest is a saving on a loan, and a loss on a fund.
  const [saves, adds] = schedule.isOwed ? ["save", "add"] : ["lose", "add"];
  const parts = [
    Math.abs(interest) < 0.005
      ? "do not change the interest"
      : `${interest > 0 ? saves : adds} ${money(Math.abs(interest))} of interest`,
    count === 0
      ? "keep the date of the final payment"
      : `end the ${schedule.isOwed ? "loan" : "payments"} ${payments(Math.abs(count), format)} (${spanWords(Math.abs(time), format)}) ${count > 0 ? "earlier" : "later"}`,
  ];
  return `The changes ${parts.join(" and ")}.`;
}

function savingsWords(
  plain: ScheduleAccount,
  changed: ScheduleAccount,
  money: (amount: number) => string,
): string {
  const end = ({ schedule }: ScheduleAccount) => schedule.rows.at(-1)?.balance ?? 0;
  const more = end(changed) - end(plain);
  const put = changed.schedule.totalPaid - plain.schedule.totalPaid;
  const side = (amount: number) => (amount > 0 ? "higher" : "lower");
  const isSame = (amount: number) => Math.abs(amount) < 0.005;
  const there = isSame(more)
    ? "the closing balance is unchanged"
    : `the closing balance is ${money(Math.abs(more))} ${side(more)}`;
  const deposits = isSame(put)
    ? "the deposits are unchanged"
    : `the deposits are ${money(Math.abs(put))} ${side(put)}`;
  return `With the changes, ${there} and ${deposits}.`;
}

function payments(count: number, format: AnswerFormat): string {
  return count === 1 ? "1 payment" : `${writeFigure(count, format)} payments`;
}
