import { inWholeCents } from "../flows/payment-rounding";
import type { Accumulation } from "../rates/accumulation";
import type { Plan, PlannedPayment } from "./plan";
import type { PaymentLevel, Schedule, ScheduleRow, TimeBefore } from "./schedule-types";
import { resetFactor } from "./reset-factor";
import { interestFactor, joinsBefore, leftFor, type Standing } from "./standing";
import { isBefore, isSameTime, wholeFrom } from "../numbers/compare";

/** A schedule, and whether it came to its end. */
export interface RunOfPlan {
  readonly schedule: Schedule;
  /** Not where payments are kept and do not bring the balance down to nothing. */
  readonly isFinished: boolean;
  /** Below zero where what is to be left at the end is more than would be owed without any payment. */
  readonly smallestFactor: number;
}

/** Walks through a plan payment by payment. */
export function runPlan(plan: Plan): RunOfPlan {
  const unit = plan.inCents ? 100 : 1;
  const round = rounding(plan);
  const { before, rows, levels, isFinished, smallestFactor } = walk(plan, unit);
  const total = (of: (row: ScheduleRow) => number, first = 0) =>
    rows.reduce((sum, row) => sum + of(row) * unit, first * unit) / unit;
  const [first] = levels;
  const exactPayment = first?.exact ?? plan.payments[0]?.amount ?? 0;
  return {
    isFinished,
    smallestFactor,
    schedule: {
      kind: plan.kind,
      isOwed: plan.isOwed,
      payment: first?.amount ?? raised(round(exactPayment * unit), plan.roundUpTo * unit) / unit,
      exactPayment,
      levels,
      paymentsMade: rows.length,
      finalPayment: rows.at(-1)?.paid ?? 0,
      totalPaid: total(({ paid }) => paid),
      totalInterest: total(({ interest }) => interest, before?.interest),
      totalExtra: total(({ extra }) => extra),
      before,
      rows,
    },
  };
}

/** What a plan leaves after its last planned payment beyond what later amounts are worth, unrounded. */
export function surplusOf(plan: Plan): number {
  const all = { ...plan, inCents: false, settles: false, clears: false };
  const { balance, time } = walk(all, 1).rows.at(-1) ?? { balance: 0, time: 0 };
  const later = plan.others.filter((other) => !joinsBefore(other, time));
  return balance - leftFor(later, plan.growth, time);
}

interface Walk {
  readonly before: TimeBefore | null;
  readonly rows: readonly ScheduleRow[];
  readonly levels: readonly PaymentLevel[];
  readonly isFinished: boolean;
  readonly smallestFactor: number;
}

/** @param unit how many of the units that are reckoned in make one of the problem's currency */
function walk(plan: Plan, unit: number): Walk {
  const { payments, others, kind, growth } = plan;
  const round = rounding(plan);
  const reckoning = { unit, round, growth };
  const rows: ScheduleRow[] = [];
  const levels: PaymentLevel[] = [];
  const { before, standing: first } = beginning(plan, reckoning);
  let standing = first;
  let factor = 1;
  let smallestFactor = 1;
  for (const [index, payment] of payments.entries()) {
    if (payment.isReset) {
      factor = resetFactor(plan, standing, index, unit);
      smallestFactor = Math.min(smallestFactor, factor);
      factor = Math.max(0, factor);
    }
    const { interest, other, joined } = periodBefore(plan, reckoning, standing, payment.time);
    // Only the last payments need them, and there may be as many as there are payments.
    const later = () => others.slice(joined);
    const opening = standing.balance;
    const owed = opening + other + interest;
    if (rows.length > 0 && isPaidBeside(plan, opening, owed)) {
      return { before, rows, levels, isFinished: true, smallestFactor };
    }
    const exact = payment.amount * factor;
    const inFull = factor === 1 ? round(exact * unit) : roundedAnew(plan, exact, unit);
    const regular = raised(inFull, plan.roundUpTo * unit);
    if (payment.pays === "payment" && (levels.length === 0 || payment.isReset)) {
      levels.push({ fromPayment: index + 1, amount: regular / unit, exact });
    }
    const planned = plannedAt(payment, regular, interest);
    const asked = planned + round(payment.extra * unit);
    const clears =
      kind === "repaying" &&
      plan.clears &&
      owed > 0 &&
      asked >= owed &&
      later().every(({ amount }) => amount <= 0);
    const isLast = index === plan.plannedCount - 1 && plan.settles;
    // Where extra payments bring the balance below its residual, a payment clears that too.
    const settles = isLast && !(clears && plan.hasExtras);
    const paid = settles
      ? settling(
          plan,
          owed - round(leftFor(later(), growth, payment.time) * unit),
          Math.min(asked, owed),
        )
      : clears
        ? owed
        : asked;
    const balance = kind === "saving" ? owed + paid : owed - paid;
    rows.push({
      payment: index + 1,
      time: payment.time,
      opening: opening / unit,
      interest: interest / unit,
      other: other / unit,
      paid: paid / unit,
      extra: Math.max(0, Math.min(paid - planned, asked - planned)) / unit,
      principal: (kind === "saving" ? paid : paid - interest) / unit,
      balance: balance / unit,
    });
    standing = { balance, time: payment.time, joined };
    if (clears) return { before, rows, levels, isFinished: true, smallestFactor };
    if (isStuck(plan, index, standing, opening)) break;
  }
  return { before, rows, levels, isFinished: !plan.runsOn, smallestFactor };
}

/** The account when the first period begins: what came before it opens the schedule. */
function beginning(
  plan: Plan,
  reckoning: Reckoning,
): { readonly before: TimeBefore | null; readonly standing: Standing } {
  const { others, payments, beginTime } = plan;
  const { unit } = reckoning;
  const time = Math.min(others[0]?.time ?? Infinity, payments[0]?.time ?? 0);
  const nothing = { balance: 0, time, joined: 0 };
  if (isBefore(beginTime, time)) return { before: null, standing: nothing };
  const { interest, other, joined } = periodBefore(plan, reckoning, nothing, beginTime);
  const balance = other + interest;
  const standing = { balance, time: beginTime, joined };
  if (isSameTime(time, beginTime)) return { before: null, standing };
  const before = {
    time: beginTime,
    interest: interest / unit,
    other: other / unit,
    balance: balance / unit,
  };
  return { before, standing };
}

function plannedAt({ pays }: PlannedPayment, regular: number, interest: number): number {
  if (pays === "nothing") return 0;
  return pays === "interest" ? Math.max(0, interest) : regular;
}

/** The last payment of a plan that settles. */
function settling({ kind, hasExtras, paysExtra }: Plan, needed: number, asked: number): number {
  if (kind === "saving") return -needed;
  // Where extra payments have brought the balance below what was to be left, the payment is made as ever and less is left.
  if (paysExtra) return Math.max(asked, needed);
  // Rounded payments that have overshot are given back; payments that are rounded up leave less instead.
  return hasExtras ? Math.max(0, needed) : needed;
}

/**
 * Whether other money of a period alone pays all that is left, as a residual does that has become smaller than
 * it was planned to be. Then there is no payment any more.
 */
function isPaidBeside({ kind, hasExtras, runsOn }: Plan, opening: number, owed: number): boolean {
  return kind === "repaying" && (hasExtras || runsOn) && opening > 0 && owed <= 0;
}

/** Whether unchanged payments no longer reduce the balance, so that they never end. */
function isStuck(plan: Plan, index: number, { balance, joined }: Standing, opening: number) {
  const [before, now] = [plan.payments[index - 1], plan.payments[index]];
  return (
    index >= plan.plannedCount &&
    joined === plan.others.length &&
    before?.amount === now?.amount &&
    balance >= opening
  );
}

/** What one period brings before its payment: interest, and other amounts, each with its own interest. */
function periodBefore(
  plan: Plan,
  { unit, round, growth }: Reckoning,
  from: Standing,
  until: number,
): { readonly interest: number; readonly other: number; readonly joined: number } {
  const { others } = plan;
  let { time, joined } = from;
  let interest = 0;
  let other = 0;
  for (let next = others[joined]; next !== undefined; next = others[joined]) {
    if (!joinsBefore(next, until)) break;
    interest += (from.balance + other + interest) * interestFactor(plan, growth, time, next.time);
    other += round(next.amount * unit);
    time = next.time;
    joined += 1;
  }
  interest += (from.balance + other + interest) * interestFactor(plan, growth, time, until);
  return { interest: round(interest), other, joined };
}

/** How a walk through a plan reckons. */
interface Reckoning {
  /** How many of the units that are reckoned in make one of the problem's currency. */
  readonly unit: number;
  readonly round: (amount: number) => number;
  readonly growth: Accumulation;
}

/**
 * Half a cent that a double can only come close to must still be half a cent: amounts are lifted by a
 * few units in their last place before they are rounded.
 */
const LIFT = 2 ** -48;

/** To whole units half away from zero, where a plan counts in cents. */
export function rounding({ inCents }: Plan): (amount: number) => number {
  if (!inCents) return (amount) => amount;
  return (amount) => Math.sign(amount) * Math.floor(Math.abs(amount) * (1 + LIFT) + 0.5);
}

/** A payment that is set anew, as the problem would have it. */
function roundedAnew(plan: Plan, exact: number, unit: number): number {
  const { paymentRounding } = plan;
  if (paymentRounding === null) return rounding(plan)(exact * unit);
  return rounding(plan)(inWholeCents(exact, paymentRounding) * unit);
}

/** @param multiple 0 for none */
function raised(amount: number, multiple: number): number {
  if (multiple === 0) return amount;
  return wholeFrom(amount / multiple) * multiple;
}
