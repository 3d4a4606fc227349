import type { SettledFlow } from "../../flows/flow-kind";
import type { Timeline } from "../../timeline/timeline";
import { settleFlows } from "../../timeline/settle-timeline";
import { focalOf } from "../../timeline/focal";
import { accumulationOf } from "../../timeline/spells";
import { lastPayment, streamAt } from "../last-payment";
import { movesWith } from "../moves-with";
import { rootInBracket } from "../roots/root-in-bracket";
import { worthAt } from "../worth";
import { asWhole } from "../../numbers/compare";

/**
 * How a count comes out in whole payments.
 * - `exact`: it is whole
 * - `cents`: it is whole but for what rounding the payment to the cent explains; the last payment has the cents
 * - `smaller`: a last payment smaller than the others settles the rest
 * - `interest-alone`: after the full payments, interest reaches the goal before the next payment
 */
export const WHOLE_KINDS = ["exact", "cents", "smaller", "interest-alone"] as const;

export type WholeKind = (typeof WHOLE_KINDS)[number];

/** A real count in whole payments. Amounts are in the direction of the stream. */
export interface WholeCount {
  readonly kind: WholeKind;
  /** Payments of the full size, before the last. */
  readonly full: number;
  /** How long the payments last, in periods: to the end of the last one, or until the goal is reached. */
  readonly length: number;
  /** The payment after the full ones, where there is one. */
  readonly last: number | null;
  /** The last full payment, enlarged so that no other follows; left out if that makes no sense. */
  readonly larger: number | null;
}

/** A payment rounded to the cent is at most this far from the exact one. */
const HALF_A_CENT = 0.005 * (1 + 1e-9);

/**
 * The whole payments for a real count. Each last payment balances the timeline with the stream at its
 * actual length: whatever starts at its end starts after that payment's period.
 *
 * @param index of the stream among the timeline's flows
 * @param count the real n that balances the timeline
 */
export function wholePayments(timeline: Timeline, index: number, count: number): WholeCount {
  const rounded = Math.round(count);
  if (rounded > 0 && asWhole(count) === rounded) {
    return { kind: "exact", full: rounded, length: rounded, last: null, larger: null };
  }
  if (rounded > 0 && isRoundedToTheCent(timeline, index, rounded)) {
    const last = lastOf(timeline, index, rounded);
    return { kind: "cents", full: rounded - 1, length: rounded, last, larger: null };
  }
  const full = Math.floor(count);
  const reached = full === 0 ? null : reachedByInterest(timeline, index, full);
  if (reached !== null) {
    return { kind: "interest-alone", full, length: reached, last: null, larger: null };
  }
  return {
    kind: "smaller",
    full,
    length: full + 1,
    last: lastOf(timeline, index, full + 1),
    larger: full === 0 ? null : lastOf(timeline, index, full),
  };
}

/** The flows with the stream so long, of which only some of the payments are made. */
export function flowsWith(
  timeline: Timeline,
  index: number,
  length: number,
  paid: number,
): readonly SettledFlow[] {
  const flows = settleFlows(timeline.flows, length);
  return flows.with(index, { ...streamAt(flows, index), count: paid });
}

/** Whether so many payments would balance with one that rounds to the given one. */
function isRoundedToTheCent(timeline: Timeline, index: number, count: number): boolean {
  const growth = accumulationOf(timeline.spells, count);
  if (!growth.ok) return false;
  const flows = settleFlows(timeline.flows, count);
  const own = streamAt(flows, index);
  const focal = focalOf(timeline, count);
  const whole = worthAt(flows, growth.value, focal).value;
  const rest = worthAt(flows.with(index, { ...own, amount: 0 }), growth.value, focal).value;
  // The worth is linear in the payment: this share of it is what is missing.
  const difference = (own.amount * whole) / (whole - rest);
  return Math.abs(difference) <= HALF_A_CENT;
}

/**
 * When interest alone reaches the goal after so many payments, in periods from the start; `null` if it does not
 * before the next payment would be due. Only a goal that waits for the end of the payments can be reached like this.
 */
function reachedByInterest(timeline: Timeline, index: number, full: number): number | null {
  const moves = timeline.flows.some((flow, place) => place !== index && movesWith(flow));
  if (!moves) return null;
  const balance = (length: number) => {
    const growth = accumulationOf(timeline.spells, length);
    if (!growth.ok) return Number.NaN;
    const flows = flowsWith(timeline, index, length, full);
    return worthAt(flows, growth.value, focalOf(timeline, length)).value;
  };
  const [before, after] = [Math.sign(balance(full)), Math.sign(balance(full + 1))];
  if (Number.isNaN(before * after) || before === after || before === 0) return null;
  return after === 0 ? full + 1 : rootInBracket(balance, full, full + 1);
}

/** The amount of the last of `count` payments, in the direction of the stream. */
function lastOf(timeline: Timeline, index: number, count: number): number | null {
  const growth = accumulationOf(timeline.spells, count);
  if (!growth.ok) return null;
  const flows = settleFlows(timeline.flows, count);
  const focal = timeline.focal === null ? null : focalOf(timeline, count);
  const last = lastPayment({ flows, growth: growth.value, focal }, index, count);
  const amount = last * directionOf(timeline.flows[index]);
  return Number.isFinite(amount) ? amount : null;
}

function directionOf(flow: Timeline["flows"][number] | undefined): number {
  return flow?.kind === "stream" ? Math.sign(flow.amount.known) : 1;
}
