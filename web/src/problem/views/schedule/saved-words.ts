import { spanWords } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";

/** What changes save or cost, in one sentence. */
export function savedWords(
  plain: ScheduleAccount,
  changed: ScheduleAccount,
  money: (amount: number) => string,
): string {
  const { schedule } = plain;
  const interest = schedule.totalInterest - changed.schedule.totalInterest;
  if (schedule.kind === "saving") return savingsWords(plain, changed, money);
  const time = (schedule.rows.at(-1)?.time ?? 0) - (changed.schedule.rows.at(-1)?.time ?? 0);
  const count = schedule.paymentsMade - changed.schedule.paymentsMade;
  const who = schedule.isOwed ? "interest" : "interest earned";
  const parts = [
    Math.abs(interest) < 0.005
      ? `leave the ${who} as it is`
      : `make the ${who} ${money(Math.abs(interest))} ${interest > 0 ? "less" : "more"}`,
    count === 0
      ? "end with the same payment"
      : `end ${payments(Math.abs(count))} (${spanWords(Math.abs(time))}) ${count > 0 ? "sooner" : "later"}`,
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
  const side = (amount: number) => (amount > 0 ? "more" : "less");
  const isSame = (amount: number) => Math.abs(amount) < 0.005;
  const there = isSame(more)
    ? "The same is there at the end"
    : `With the changes ${money(Math.abs(more))} ${side(more)} is there at the end`;
  return isSame(put)
    ? `${there}, and just as much is put in.`
    : `${there}, and ${money(Math.abs(put))} ${side(put)} is put in.`;
}

function payments(count: number): string {
  return count === 1 ? "1 payment" : `${count.toLocaleString("en")} payments`;
}
