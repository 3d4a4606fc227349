import type { PaymentRun } from "./payment-run";

/** A single amount as a run. */
export function runOfOne(amount: number, at: number): PaymentRun {
  return {
    first: at,
    frequency: 1,
    count: 1,
    amount,
    logGrowth: 0,
    step: 0,
    paymentsPerStep: 1,
    stepsBefore: 0,
  };
}
