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
  const number = last.payment.toLocaleString("en");
  if (isAsPlanned)
    return `Up to payment ${number} all is as planned: ${money(last.balance)} is ${words.isThere}.${rest}`;
  const instead = (name: string, real: number, plan: number) =>
    `${name}: ${money(real)} instead of ${money(plan)}.`;
  const told = [
    instead(`${words.paid} up to payment ${number}`, paid, planned),
    instead("Interest", interest, plannedInterest),
    instead(
      `${words.isThere === "owed" ? "Owed" : "There"} then`,
      last.balance,
      last.plannedBalance,
    ),
  ];
  return `${told.join(" ")}${rest}`;
}
