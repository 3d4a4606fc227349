import type { PaymentRun } from "./payment-run";

/**
 * The force of interest that an endless run needs: its worth is finite only above it. Level payments
 * and payments that grow by steps of money need a rate above zero, others one above their growth.
 *
 * @returns a decimal a year; minus infinity for a run that ends
 * Source: Kellison, ch. 3.5 and 4.5 (perpetuities, level and varying)
 */
export function leastForce({ count, frequency, logGrowth, paymentsPerStep }: PaymentRun): number {
  return count === Number.POSITIVE_INFINITY
    ? (logGrowth * frequency) / paymentsPerStep
    : Number.NEGATIVE_INFINITY;
}
