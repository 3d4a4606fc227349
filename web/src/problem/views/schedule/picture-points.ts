import { scheduleYears, yearOfLife } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";

/** More points than this are thinned to equal stretches: a screen shows no more. */
const MOST_DRAWN = 160;

/** More bars than this stand for years. */
const MOST_BARS = 36;

/** What is owed or saved after a payment; 0 is before the first. */
export interface BalancePoint {
  readonly payment: number;
  readonly balance: number;
  /** Put in up to then, and what it has grown by. */
  readonly paid: number;
  readonly grown: number;
}

export function balanceOverTime({ schedule }: ScheduleAccount): BalancePoint[] {
  const { rows } = schedule;
  const start = rows[0]?.opening ?? 0;
  let paid = start;
  const points = rows.map((row): BalancePoint => {
    paid += row.paid + row.other;
    return {
      payment: row.payment,
      balance: row.balance,
      paid: Math.min(paid, row.balance),
      grown: Math.max(0, row.balance - paid),
    };
  });
  const all = [{ payment: 0, balance: start, paid: start, grown: 0 }, ...points];
  if (all.length <= MOST_DRAWN) return all;
  const step = (all.length - 1) / (MOST_DRAWN - 1);
  return Array.from({ length: MOST_DRAWN }, (_, place) => all[Math.round(place * step)]).filter(
    (point) => point !== undefined,
  );
}

export interface PartPoint {
  readonly name: string;
  readonly interest: number;
  readonly principal: number;
}

/** Interest and principal of each payment, or of each year where there are many payments. */
export function partsOverTime({ schedule, frequency }: ScheduleAccount): PartPoint[] {
  if (schedule.rows.length <= MOST_BARS) {
    return schedule.rows.map(({ payment, interest, principal }) => ({
      name: String(payment),
      interest,
      principal,
    }));
  }
  return scheduleYears(schedule, ({ payment }) =>
    yearOfLife(payment, Math.min(1e9, frequency)),
  ).map(({ year, totals }) => ({
    name: `year ${year}`,
    interest: totals.interest,
    principal: totals.principal,
  }));
}

export function stepOf({ schedule }: ScheduleAccount): string {
  return schedule.rows.length <= MOST_BARS ? "of each payment" : "of each year";
}
