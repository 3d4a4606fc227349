import type { ResolvedStream } from "../timeline/timeline";

/**
 * Years from today of payment `index` of a settled stream, from 0.
 * The index is added before it is divided: payment 36 of a monthly stream falls on the same double as
 * "3 years".
 */
export function paymentTime(
  { begins, timing, frequency }: ResolvedStream<number>,
  index: number,
): number {
  return begins + (timing === "start" ? index : index + 1) / frequency;
}
