import { writeFigure, type AnswerFormat } from "@kestrelmoor/core";
import type { AgainstPlan, Schedule } from "@kestrelmoor/core";
import { scheduleWords } from "@kestrelmoor/core/teaching";

/** The actual payments compared with the plan, in a few sentences. */
export function againstWords(
  { rows, paid, planned, interest, plannedInterest, afterTheEnd }: AgainstPlan,
  schedule: Schedule,
  money: (amount: number) => string,
  format: AnswerFormat,
): string {
  const last = rows.at(-1);
  if (last === undefined) return "None of these payments falls within the plan.";
  const words = scheduleWords(schedule);
  const rest =
    Math.abs(afterTheEnd) < 0.005
      ? ""
      : ` ${money(afterTheEnd)} was paid after the last planned payment and is not included.`;
  const isAsPlanned = rows.every((row) => Math.abs(row.balance - row.plannedBalance) < 0.005);
  const number = writeFigure(last.payment, format);
  if (isAsPlanned)
    return `The first ${number} payments match the plan: the balance is ${money(last.balance)}.${rest}`;
  const instead = (name: string, real: number, plan: number) =>
    `${name}: ${money(real)} instead of ${money(plan)}.`;
  const told = [
    instead(`${words.paid} up to payment ${number}`, paid, planned),
    instead("Interest", interest, plannedInterest),
    instead("Balance", last.balance, last.plannedBalance),
  ];
  return `${told.join(" ")}${rest}`;
}
