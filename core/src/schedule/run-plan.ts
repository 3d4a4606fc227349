import { growthFactor } from "../rates/accumulation";
import { interestFactor, SAME_TIME, type OtherAmount, type Plan } from "./plan";
import type { Schedule, ScheduleRow } from "./schedule-types";

/** Walks through a plan payment by payment. */
export function runPlan(plan: Plan): Schedule {
  const unit = plan.inCents ? 100 : 1;
  const rows = rowsOf(plan, unit);
  const first = plan.payments.find(({ interestOnly }) => !interestOnly) ?? plan.payments[0];
  const exactPayment = first?.amount ?? 0;
  const total = (of: (row: ScheduleRow) => number) =>
    rows.reduce((sum, row) => sum + of(row) * unit, 0) / unit;
  return {
    kind: plan.kind,
    payment: rounding(plan)(exactPayment * unit) / unit,
    exactPayment,
    paymentsMade: rows.length,
    finalPayment: rows.at(-1)?.paid ?? 0,
    totalPaid: total(({ paid }) => paid),
    totalInterest: total(({ interest }) => interest),
    rows,
  };
}

/** What is owed or saved after the last planned payment, unrounded and with nothing cleared early. */
export function endBalance(plan: Plan): number {
  const bare = { ...plan, inCents: false, balances: false, clears: false };
  return rowsOf(bare, 1).at(-1)?.balance ?? 0;
}

/** What amounts after a time are worth at it: the balance that must be left for them. */
export function leftFor(
  others: readonly OtherAmount[],
  growth: Plan["growth"],
  time: number,
): number {
  return others.reduce(
    (sum, other) => sum - other.amount * growthFactor(growth, other.time, time),
    0,
  );
}

/** @param unit how many of the units that are reckoned in make one of the problem's currency */
function rowsOf(plan: Plan, unit: number): ScheduleRow[] {
  const { payments, others, kind, growth } = plan;
  const round = rounding(plan);
  const rows: ScheduleRow[] = [];
  let balance = 0;
  let joined = 0;
  let time = Math.min(others[0]?.time ?? Infinity, payments[0]?.time ?? 0);
  for (const [index, payment] of payments.entries()) {
    let interest = 0;
    let other = 0;
    for (let next = others[joined]; next !== undefined; next = others[joined]) {
      if (!joinsBefore(next, payment.time)) break;
      interest += (balance + other + interest) * interestFactor(plan, time, next.time);
      other += round(next.amount * unit);
      time = next.time;
      joined += 1;
    }
    interest = round(
      interest + (balance + other + interest) * interestFactor(plan, time, payment.time),
    );
    time = payment.time;
    // Only the last payments need them, and there may be as many as there are payments.
    const later = () => others.slice(joined);
    const opening = balance;
    const owed = opening + other + interest;
    const planned = payment.interestOnly ? Math.max(0, interest) : round(payment.amount * unit);
    const asked = planned + round(payment.extra * unit);
    // Below zero where rounded payments have overshot what must be left: then it is given back.
    const settles = index === payments.length - 1 && plan.balances;
    const clears =
      kind === "repaying" &&
      plan.clears &&
      owed > 0 &&
      asked >= owed &&
      later().every(({ amount }) => amount <= 0);
    const paid = settles
      ? (owed - round(leftFor(later(), growth, time) * unit)) * (kind === "saving" ? -1 : 1)
      : clears
        ? owed
        : asked;
    const principal = kind === "saving" ? paid : paid - interest;
    balance = kind === "saving" ? owed + paid : owed - paid;
    rows.push({
      payment: index + 1,
      time,
      opening: opening / unit,
      interest: interest / unit,
      other: other / unit,
      paid: paid / unit,
      extra: Math.max(0, paid - planned) / unit,
      principal: principal / unit,
      balance: balance / unit,
    });
    if (clears) break;
  }
  return rows;
}

/** What adds to the balance at a payment's own moment comes first; what leaves it then comes after. */
export function joinsBefore(other: OtherAmount, time: number): boolean {
  return other.time < time - SAME_TIME || (other.time < time + SAME_TIME && other.amount > 0);
}

/**
 * Half a cent that a double can only come close to must still be half a cent: amounts are lifted by a
 * few units in their last place before they are rounded.
 */
const LIFT = 2 ** -48;

function rounding({ inCents }: Plan): (amount: number) => number {
  if (!inCents) return (amount) => amount;
  return (amount) => Math.sign(amount) * Math.floor(Math.abs(amount) * (1 + LIFT) + 0.5);
}
