import { inWholeCents, type PaymentRounding } from "../flows/payment-rounding";
import { valueAt } from "../numbers/affine";
import type { FlowFieldRef } from "../fields/field-ref";
import { accumulationOf } from "../timeline/spells";
import { settleFlows } from "../timeline/settle-timeline";
import type { Timeline } from "../timeline/timeline";
import { lastPayment } from "./last-payment";

/** Equal payments in whole cents, and the last one, which takes up what rounding the others leaves. */
export interface RoundedPayments {
  /** The rounded payment, in the direction of its line, as `x` of a root. */
  readonly x: number;
  /** Payments of that size, before the last. */
  readonly full: number;
  /** Signed, money in is positive. */
  readonly last: number;
}

/**
 * The payments of an unknown level payment that is rounded to the cent. The last one settles the rest: smaller where
 * the others are rounded up. Where what they are rounded by comes to more than a whole payment, it comes earlier.
 *
 * @param x the exact payment, as it balances the timeline
 * @returns `null` where there is nothing to settle it: a single payment, payments for ever, that grow, or in number
 *   not whole; and where a payment would be rounded to nothing
 */
export function roundedPayments(
  timeline: Timeline,
  { line, field }: FlowFieldRef,
  x: number,
  rounding: PaymentRounding,
): RoundedPayments | null {
  const stream = timeline.flows[line];
  if (field !== "amount" || stream?.kind !== "stream" || stream.growth !== null) return null;
  const count = valueAt(stream.count, 0);
  const rounded = inWholeCents(x, rounding);
  if (!Number.isInteger(count) || count < 2 || rounded === 0) return null;
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return null;
  const settled = {
    flows: settleFlows(timeline.flows, rounded),
    growth: growth.value,
    focal: timeline.focal === null ? null : valueAt(timeline.focal, 0),
  };
  const side = Math.sign(valueAt(stream.amount, rounded));
  const lastOf = (payments: number) => lastPayment(settled, line, payments);
  const isLeftBefore = (payment: number) => lastOf(payment) * side > 0;
  const payments = isLeftBefore(count) ? count : lastWithSomethingLeft(isLeftBefore, count);
  if (payments === null) return null;
  const last = lastOf(payments);
  return Number.isFinite(last) ? { x: rounded, full: payments - 1, last } : null;
}

/** The payment before which something is left to pay, and after which nothing is. @param none where nothing is left */
function lastWithSomethingLeft(
  isLeftBefore: (payment: number) => boolean,
  none: number,
): number | null {
  if (!isLeftBefore(1)) return null;
  let [left, over] = [1, none];
  while (over - left > 1) {
    const middle = Math.floor((left + over) / 2);
    if (isLeftBefore(middle)) left = middle;
    else over = middle;
  }
  return left;
}
