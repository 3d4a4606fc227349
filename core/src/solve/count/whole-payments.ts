import { paymentAmount } from "../../flows/expand-stream";
import { paymentTime } from "../../flows/payment-times";
import type { ResolvedStream, Timeline } from "../../timeline/timeline";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import { worthAt } from "../worth";

/** A last payment that makes whole payments balance, in the direction of its stream. */
export interface LastPayment {
  /** Its number, from 1. */
  readonly payment: number;
  /** Below zero where it must be given back. */
  readonly amount: number;
}

/** What a count that is not whole comes to when payments cannot be split. */
export interface WholePayments {
  /** Full payments that fit before the count is reached. */
  readonly full: number;
  /** One more payment after the full ones, smaller than they are; left out where they do alone. */
  readonly smallerLast?: LastPayment;
  /** The last full payment made larger instead; left out where there is none, or they do alone. */
  readonly largerLast?: LastPayment;
  /** Time from the first period's beginning to the end of the last, in years, with the smaller payment. */
  readonly years: number;
}

/** A real count this close to a whole one is that. */
const WHOLE = 1e-9;

/**
 * The whole payments that go with a real count. Each last payment is what balances the timeline when the
 * stream is as long as it then is: what waits for its end waits for that payment's period.
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

/** What the last of `count` payments must be. */
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
