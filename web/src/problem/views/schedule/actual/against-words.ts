import type { AgainstPlan, Schedule } from "@kestrelmoor/core";
import { scheduleWords } from "../schedule-words";

/** How reality stands against the plan, in a sentence or two. */
export function againstWords(
  { rows, paid, planned, interest, plannedInterest, afterTheEnd }: AgainstPlan,
  schedule: Schedule,
  money: (amount: number) => string,
): string {
  const last = rows.at(-1);
  if (last === undefined) return "The file has no payments within the plan.";
  const words = scheduleWords(schedule);
  const rest =
    Math.abs(afterTheEnd) < 0.005
      ? ""
      : ` ${money(afterTheEnd)} comes after the last planned payment and is not counted.`;
  const isAsPlanned = rows.every((row) => Math.abs(row.balance - row.plannedBalance) < 0.005);
  const until = `Up to payment ${last.payment.toLocaleString("en")}`;
  if (isAsPlanned)
    return `${until} all is as planned: ${money(last.balance)} is ${words.isThere}.${rest}`;
  const put = words.paid.toLowerCase();
  return (
    `${until} ${money(paid)} was ${put} instead of ${money(planned)}, with ${money(interest)} of ` +
    `interest instead of ${money(plannedInterest)}: ${money(last.balance)} is ${words.isThere} ` +
    `instead of ${money(last.plannedBalance)}.${rest}`
  );
}
