import type { Plan } from "./plan";
import { endBalance, joinsBefore, leftFor } from "./run-plan";

/**
 * Scales the payments that are not interest only, so that the plan still ends when it should. What is
 * owed at the end is linear in them: payments of interest leave the balance where it is.
 */
export function withLevelPayment(plan: Plan): Plan {
  if (!plan.payments.some(({ interestOnly }) => interestOnly)) return plan;
  const scaled = (factor: number): Plan => ({
    ...plan,
    payments: plan.payments.map((payment) => ({
      ...payment,
      extra: 0,
      amount: payment.amount * factor,
    })),
  });
  const end = plan.payments.at(-1)?.time ?? 0;
  const later = plan.others.filter((other) => !joinsBefore(other, end));
  const target = leftFor(later, plan.growth, end);
  const without = endBalance(scaled(0));
  const factor = (without - target) / (without - endBalance(scaled(1)));
  if (!Number.isFinite(factor)) return plan;
  return {
    ...plan,
    payments: plan.payments.map((payment) => ({ ...payment, amount: payment.amount * factor })),
  };
}
