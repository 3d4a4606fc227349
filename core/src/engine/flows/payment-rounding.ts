import { roundDecimal } from "../numbers/round-decimal";

/** How a payment that is not whole cents is rounded: to the nearest one, or up, as a lender does. */
export const PAYMENT_ROUNDINGS = ["nearest", "up"] as const;

export type PaymentRounding = (typeof PAYMENT_ROUNDINGS)[number];

const CENTS = 2;

/** An amount in whole cents; its sign stays, and up is away from zero. */
export function inWholeCents(amount: number, rounding: PaymentRounding): number {
  return Number(roundDecimal(amount, CENTS, rounding === "up" ? "up" : "half-up"));
}
