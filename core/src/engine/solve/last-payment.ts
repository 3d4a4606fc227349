import type { SettledFlow } from "../flows/flow-kind";
import { paymentTime } from "../flows/payment-times";
import { growthFactor, type Accumulation } from "../rates/accumulation";
import type { ResolvedStream } from "../timeline/timeline";
import { worthAt } from "./worth";

/** Settled flows, how money grows, and the date at which they are to balance: `null` where any date will do. */
export interface Settled {
  readonly flows: readonly SettledFlow[];
  readonly growth: Accumulation;
  readonly focal: number | null;
}

/**
 * The last payment of a stream, so that all balances: what the payments before it leave, at its own date.
 *
 * @param index of the stream among the flows
 * @param payments how many there are with the last one
 * @returns signed, money in is positive; not finite where the amounts are too large
 */
export function lastPayment({ flows, growth, focal }: Settled, index: number, payments: number) {
  const own = streamAt(flows, index);
  const at = paymentTime(own, payments - 1);
  const before = flows.with(index, { ...own, count: payments - 1 });
  // Where interest is not compound, what is missing at the focal date is another amount at the date of the payment.
  return focal === null
    ? -worthAt(before, growth, at).value
    : -worthAt(before, growth, focal).value / growthFactor(growth, at, focal);
}

export function streamAt(flows: readonly SettledFlow[], index: number): ResolvedStream<number> {
  const own = flows[index];
  if (own?.kind !== "stream") throw new TypeError("The stream is one of the timeline's flows");
  return own;
}
