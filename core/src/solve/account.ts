import type { SettledFlow } from "../flows/flow-kind";
import type { Unknown } from "../problem/unknown";
import type { Accumulation } from "../rates/accumulation";
import { paymentTime } from "../flows/payment-times";
import type { Result } from "../result";
import { succeed } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { Timeline } from "../timeline/timeline";
import { wholePayments, type WholePayments } from "./count/whole-payments";

/**
 * The cash flows of a solved problem as actually paid, from which totals, balances and interest are
 * calculated. They differ from the settled timeline only for an unknown count: payments are then whole,
 * and the final one is smaller.
 */
export interface Account {
  readonly flows: readonly SettledFlow[];
  readonly growth: Accumulation;
  /** The unknown in the account: a whole number for a count. */
  readonly x: number;
  readonly wholePayments?: WholePayments;
}

export function accountOf(timeline: Timeline, unknown: Unknown, x: number): Result<Account> {
  const index = Number(unknown.path[1]);
  const stream = timeline.flows[index];
  if (unknown.kind !== "count" || stream?.kind !== "stream") return plainAccount(timeline, x);
  const whole = wholePayments(timeline, stream, x);
  const { full, smallerLast } = whole;
  const plain = plainAccount(timeline, smallerLast?.payment ?? full);
  if (!plain.ok) return plain;
  if (smallerLast === undefined) return succeed({ ...plain.value, wholePayments: whole });
  const own = plain.value.flows[index];
  if (own?.kind !== "stream") throw new TypeError("A stream stays one when it is settled");
  const last: SettledFlow = {
    kind: "single",
    id: own.id,
    amount: smallerLast.amount * Math.sign(own.amount),
    at: paymentTime(own, full),
  };
  const flows = [...plain.value.flows.with(index, { ...own, count: full }), last];
  return succeed({ ...plain.value, flows, wholePayments: whole });
}

function plainAccount(timeline: Timeline, x: number): Result<Account> {
  const growth = accumulationOf(timeline.spells, x);
  if (!growth.ok) return growth;
  return succeed({ flows: settleFlows(timeline.flows, x), growth: growth.value, x });
}
