import { sum } from "../numbers/sum";
import { growthFactor } from "../rates/accumulation";
import type { ScheduleRun } from "./schedule";
import type { Schedule, ScheduleRow } from "./schedule-types";
import { isBefore, isUpTo } from "../numbers/compare";

/**
 * The first payment after which the balance is below an amount, or for savings not below it.
 *
 * @returns `null` where it never is
 */
export function firstReaching({ rows, kind }: Schedule, amount: number): ScheduleRow | null {
  const reaches = ({ balance }: ScheduleRow) =>
    kind === "repaying" ? balance < amount : balance >= amount;
  return rows.find(reaches) ?? null;
}

/** The payment with which half of all principal has been repaid; `null` where principal is never repaid. */
export function halfRepaid({ rows, kind }: Schedule): ScheduleRow | null {
  const total = rows.reduce((sum, { principal }) => sum + principal, 0);
  if (kind !== "repaying" || !(total > 0)) return null;
  let repaid = 0;
  for (const row of rows) {
    repaid += row.principal;
    if (repaid >= total / 2) return row;
  }
  return null;
}

/**
 * What is owed, or saved, at a time: the balance after the payment before it, with the interest since.
 *
 * @param years from today
 * @returns `null` before anything is there, and after the last payment
 */
export function owedAt(
  { schedule: { rows }, plan: { growth, others } }: ScheduleRun,
  years: number,
): { readonly amount: number; readonly interest: number } | null {
  const before = rows.findLast(({ time }) => isUpTo(time, years));
  const last = rows.at(-1);
  if (last === undefined || isBefore(last.time, years)) return null;
  if (before !== undefined) {
    const grown = before.balance * growthFactor(growth, before.time, years);
    return { amount: grown, interest: grown - before.balance };
  }
  // Until the first payment only the other amounts are there.
  const there = others.filter(({ time }) => isUpTo(time, years));
  if (there.length === 0) return null;
  const amount = sum(there.map((own) => own.amount * growthFactor(growth, own.time, years)));
  return { amount, interest: amount - sum(there.map((own) => own.amount)) };
}
