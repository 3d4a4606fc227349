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

/** A point of the picture, which may lie past the end of one of two schedules. */
export interface DrawnPoint extends Partial<BalancePoint> {
  readonly payment: number;
  /** The balance without any change. */
  readonly plain?: number | undefined;
}

/** The balance over time, and beside it what it would be without any change. */
export function drawnBalances(
  account: ScheduleAccount,
  plain: ScheduleAccount | null,
): readonly DrawnPoint[] {
  const own = balanceOverTime(account);
  if (plain === null) return own;
  const points = new Map<number, DrawnPoint>(own.map((point) => [point.payment, point]));
  for (const { payment, balance } of balanceOverTime(plain)) {
    points.set(payment, { ...points.get(payment), payment, plain: balance });
  }
  return [...points.values()].sort((one, other) => one.payment - other.payment);
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
  readonly interest?: number;
  readonly principal?: number;
  /** The same without any change. */
  readonly plainInterest?: number;
  readonly plainPrincipal?: number;
}

/** Interest and principal of each payment, or of each year where there are many payments. */
export function partsOverTime(
  account: ScheduleAccount,
  plain: ScheduleAccount | null = null,
): PartPoint[] {
  const byPayment = isByPayment(account) && (plain === null || isByPayment(plain));
  const own = sharesOf(account, byPayment);
  if (plain === null) return own;
  const before = sharesOf(plain, byPayment);
  return Array.from({ length: Math.max(own.length, before.length) }, (_, place) => {
    const other = before[place];
    return {
      name: "",
      ...own[place],
      ...(other === undefined
        ? {}
        : { name: other.name, plainInterest: other.interest, plainPrincipal: other.principal }),
    };
  });
}

type Shares = Required<Pick<PartPoint, "name" | "interest" | "principal">>;

function sharesOf({ schedule, frequency }: ScheduleAccount, byPayment: boolean): Shares[] {
  if (byPayment) {
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

function isByPayment({ schedule }: ScheduleAccount): boolean {
  return schedule.rows.length <= MOST_BARS;
}

export function stepOf(account: ScheduleAccount, plain: ScheduleAccount | null): string {
  return isByPayment(account) && (plain === null || isByPayment(plain))
    ? "of each payment"
    : "of each year";
}
