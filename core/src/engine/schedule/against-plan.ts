import { sum } from "../numbers/sum";
import type { OtherAmount } from "./plan";
import { rounding } from "./run-plan";
import { interestFactor, joinsBefore } from "./standing";
import type { ScheduleRun } from "./schedule";
import { isUpTo } from "../numbers/compare";

/** Money that was really paid, or put in. */
export interface ActualPayment {
  /** Years from today. */
  readonly time: number;
  readonly amount: number;
}

/** One planned payment beside what was really paid since the one before it. */
export interface AgainstRow {
  readonly payment: number;
  readonly time: number;
  readonly planned: number;
  readonly paid: number;
  readonly plannedBalance: number;
  readonly balance: number;
}

/** What was really paid, set against a schedule up to the payment by which all of it was made. */
export interface AgainstPlan {
  readonly rows: readonly AgainstRow[];
  readonly planned: number;
  readonly paid: number;
  /** What the balance earned on the way. */
  readonly plannedInterest: number;
  readonly interest: number;
  /** Paid after the last planned payment, and not counted. */
  readonly afterTheEnd: number;
}

/**
 * Sets real payments against a schedule. Each counts from its own time on: paid late, the balance earns
 * interest until then.
 *
 * @param actual in any order; below zero for money that was given back
 * @returns rows up to the planned payment at or after the last real one; none where nothing was paid
 * Accuracy: as unrounded schedules; a schedule in cents is compared with an account in cents
 */
export function againstPlan(
  { schedule, plan }: ScheduleRun,
  actual: readonly ActualPayment[],
): AgainstPlan {
  const paid = [...actual].sort((one, other) => one.time - other.time);
  const end = schedule.rows.at(-1)?.time ?? 0;
  const counted = paid.filter(({ time }) => isUpTo(time, end));
  const until = counted.at(-1)?.time ?? -Infinity;
  const sign = plan.kind === "saving" ? 1 : -1;
  const unit = plan.inCents ? 100 : 1;
  const round = rounding(plan);
  const earn = (amount: number, from: number, to: number) =>
    amount * interestFactor(plan, plan.growth, from, to);
  const rows: AgainstRow[] = [];
  // Counted in whole cents, as the schedule is: in units of money each row would leave a trace of its sum.
  let balance = round((schedule.rows[0]?.opening ?? 0) * unit);
  let time = plan.beginTime;
  let next = 0;
  let interest = 0;
  for (const row of schedule.rows) {
    if (isUpTo(until, rows.at(-1)?.time ?? -Infinity)) break;
    const [from, to] = [time, row.time];
    const made = taken(to);
    const own = made.map((one) => ({
      time: Math.max(one.time, from),
      amount: round(sign * one.amount * unit),
    }));
    const others = plan.others
      .filter((other) => isBetween(other, from, to))
      .map((other) => ({ ...other, amount: round(other.amount * unit) }));
    const earned = [...own, ...others].reduce(
      (all, move) => all + earn(move.amount, move.time, to),
      earn(balance, from, to),
    );
    const ownInterest = round(earned);
    interest += ownInterest / unit;
    balance += ownInterest + total(own) + total(others);
    time = row.time;
    rows.push({
      payment: row.payment,
      time,
      planned: row.paid,
      paid: total(made),
      plannedBalance: row.balance,
      balance: balance / unit,
    });
  }
  return {
    rows,
    planned: sum(rows.map((row) => row.planned)),
    paid: sum(rows.map((row) => row.paid)),
    plannedInterest: sum(schedule.rows.slice(0, rows.length).map((row) => row.interest)),
    interest,
    afterTheEnd: total(paid.slice(counted.length)),
  };

  /** The real payments up to a time that no row has counted yet. */
  function taken(until: number): readonly ActualPayment[] {
    const from = next;
    while (isUpTo(counted[next]?.time ?? Infinity, until)) next += 1;
    return counted.slice(from, next);
  }
}

function total(amounts: readonly { readonly amount: number }[]): number {
  return sum(amounts.map(({ amount }) => amount));
}

/** Whether other money joins the balance in a period: at its end what adds to it, at its beginning the rest. */
function isBetween(other: OtherAmount, from: number, to: number): boolean {
  return joinsBefore(other, to) && !joinsBefore(other, from);
}
