import type { SettledFlow } from "../flows/flow-kind";
import { paymentTime } from "../flows/payment-times";
import type { Unknown } from "../problem/unknown";
import type { Accumulation } from "../rates/accumulation";
import type { Result } from "../result";
import { succeed } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { ResolvedStream, Timeline } from "../timeline/timeline";
import { flowsWith, wholePayments, type WholeCount } from "./count/whole-payments";
import type { WholePayments } from "./solution";
import { totalsOf } from "./totals";

/**
 * The cash flows of a solved problem as actually paid, from which totals, balances and interest are
 * calculated. They differ from the settled timeline only for an unknown count: payments are then whole,
 * and the final one is another amount.
 */
export interface Account {
  readonly flows: readonly SettledFlow[];
  readonly growth: Accumulation;
  /** The unknown in the account; for a count, how long the payments last, in periods. */
  readonly x: number;
  readonly wholePayments?: WholePayments;
}

export function accountOf(timeline: Timeline, unknown: Unknown, x: number): Result<Account> {
  if (unknown.kind !== "count") {
    const growth = accumulationOf(timeline.spells, x);
    if (!growth.ok) return growth;
    return succeed({ flows: settleFlows(timeline.flows, x), growth: growth.value, x });
  }
  const index = unknown.field.line;
  const whole = wholePayments(timeline, index, x);
  const growth = accumulationOf(timeline.spells, whole.length);
  if (!growth.ok) return growth;
  const full = flowsWith(timeline, index, whole.length, whole.full);
  const own = full[index];
  if (own?.kind !== "stream") throw new TypeError("A stream stays one when it is settled");
  const { last } = whole;
  const flows: readonly SettledFlow[] =
    last === null ? full : [...full, finalPayment(own, whole.full, last)];
  return succeed({
    flows,
    growth: growth.value,
    x: whole.length,
    wholePayments: factsOf(whole, own, flows),
  });
}

/** A payment after the full ones. @param amount in the direction of the stream */
function finalPayment(own: ResolvedStream<number>, full: number, amount: number): SettledFlow {
  return {
    kind: "single",
    id: own.id,
    amount: amount * Math.sign(own.amount),
    at: paymentTime(own, full),
  };
}

function factsOf(
  { kind, full, length, last, larger }: WholeCount,
  own: ResolvedStream<number>,
  flows: readonly SettledFlow[],
): WholePayments {
  const paid = totalsOf(flows.filter(({ id }) => id === own.id));
  const years = length / own.frequency;
  return {
    kind,
    full,
    last: last === null ? null : { amount: last, years: paymentTime(own, full) },
    ...(kind === "interest-alone" ? { goalReachedYears: own.begins + years } : {}),
    ...(larger === null
      ? {}
      : { largerLast: { amount: larger, years: paymentTime(own, full - 1) } }),
    totalPaid: Math.abs(paid.in - paid.out),
    years,
  };
}
