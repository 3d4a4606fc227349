import { paymentAmount } from "../../flows/expand-stream";
import { paymentTime } from "../../flows/payment-times";
import type { ResolvedStream, Timeline } from "../../timeline/timeline";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import { worthAt } from "../worth";

/** A final payment that makes whole payments balance, in the direction of its stream. */
export interface LastPayment {
  /** Its number, from 1. */
  readonly payment: number;
  /** Negative if it must be repaid. */
  readonly amount: number;
}

/** A fractional count in whole payments. */
export interface WholePayments {
  /** Full payments before the count is reached. */
  readonly full: number;
  /** A smaller payment after the full ones; left out if the full ones suffice. */
  readonly smallerLast?: LastPayment;
  /** The last full payment, enlarged instead; left out if there is none, or the full ones suffice. */
  readonly largerLast?: LastPayment;
  /** Years from the start of the first period to the end of the last, with the smaller payment. */
  readonly years: number;
}

/** A real count this close to a whole number is that number. */
const WHOLE = 1e-9;

/**
 * The whole payments for a real count. Each final payment balances the timeline with the stream at its
 * actual length: whatever starts at its end starts after that payment's period.
 *
 * @param count the real n that balances the timeline
 */
export function wholePayments(
  timeline: Timeline,
  stream: ResolvedStream,
  count: number,
): WholePayments {
  const rounded = Math.round(count);
  if (rounded > 0 && Math.abs(count - rounded) < WHOLE * Math.max(1, count)) {
    return { full: rounded, years: rounded / stream.frequency };
  }
  const full = Math.floor(count);
  const smaller = lastOf(timeline, stream, full + 1);
  const larger = full === 0 ? null : lastOf(timeline, stream, full);
  return {
    full,
    ...(smaller === null ? {} : { smallerLast: smaller }),
    ...(larger === null ? {} : { largerLast: larger }),
    years: (full + 1) / stream.frequency,
  };
}

/** The amount of the last of `count` payments. */
function lastOf(timeline: Timeline, stream: ResolvedStream, count: number): LastPayment | null {
  const growth = accumulationOf(timeline.spells, count);
  if (!growth.ok) return null;
  const flows = settleFlows(timeline.flows, count);
  const own = flows[timeline.flows.indexOf(stream)];
  if (own?.kind !== "stream") throw new TypeError("The stream is one of the timeline's flows");
  const regular = paymentAmount(own, count - 1);
  const missing = -worthAt(flows, growth.value, paymentTime(own, count - 1)).value;
  const amount = (regular + missing) * Math.sign(stream.amount.known);
  return Number.isFinite(amount) ? { payment: count, amount } : null;
}
