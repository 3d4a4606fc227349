import { growthSince } from "../rates/accumulation";
import type { Plan } from "./plan";
import { interestFactor, joinsBefore, leftFor, type Standing } from "./standing";

/**
 * By what the payments from one on are to be multiplied so that the plan ends when it should. What is
 * there at the end is linear in it; later changes, extra payments and rounding are not foreseen.
 */
export function resetFactor(plan: Plan, standing: Standing, index: number, unit: number): number {
  const growth = growthSince(plan.growthKnownAt(index + 1), standing.time);
  const end = plan.payments[plan.plannedCount - 1]?.time ?? standing.time;
  const sign = plan.kind === "saving" ? 1 : -1;
  const start = standing.balance / unit;
  // The balance without any payment, and with those of the plan: a hundred resets of a long plan walk it a hundred times.
  let [without, once] = [start, start];
  let { time, joined } = standing;
  const growTo = (next: number) => {
    const factor = interestFactor(plan, growth, time, next);
    without += without * factor;
    once += once * factor;
    time = next;
  };
  for (let place = index; place < plan.plannedCount; place += 1) {
    const payment = plan.payments[place];
    if (payment === undefined) break;
    for (let other = plan.others[joined]; other !== undefined; other = plan.others[joined]) {
      if (!joinsBefore(other, payment.time)) break;
      growTo(other.time);
      without += other.amount;
      once += other.amount;
      joined += 1;
    }
    growTo(payment.time);
    once += sign * payment.amount;
  }
  const target = leftFor(plan.others.slice(joined), growth, end) + plan.surplus;
  const factor = (without - target) / (without - once);
  return Number.isFinite(factor) ? factor : 1;
}
