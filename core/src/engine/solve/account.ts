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
import { streamAt } from "./last-payment";
import type { RoundedPayments } from "./rounded-payments";
import type { RoundedPayment, WholePayments } from "./solution";
import type { Root } from "./solver";
import { totalsOf } from "./totals";

/**
 * The cash flows of a solved problem as actually paid, from which totals, balances and interest are
 * calculated. They differ from the settled timeline for an unknown count, for payments are whole, and where payments are
 * rounded to the cent: the final one is then another amount.
 */
export interface Account {
  readonly flows: readonly SettledFlow[];
  readonly growth: Accumulation;
  /** The unknown in the account; for a count, how long the payments last, in periods. */
  readonly x: number;
  readonly wholePayments?: WholePayments;
  readonly roundedPayment?: RoundedPayment;
}

export function accountOf(
  timeline: Timeline,
  unknown: Unknown,
  { x, rounded }: Pick<Root, "x" | "rounded">,
): Result<Account> {
  if (unknown.kind === "amount" && rounded !== undefined) {
    return accountInCents(timeline, unknown.field.line, x, rounded);
  }
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
    last === null ? full : [...full, finalPayment(own, whole.full, last * Math.sign(own.amount))];
  return succeed({
    flows,
    growth: growth.value,
    x: whole.length,
    wholePayments: factsOf(whole, own, flows),
  });
}

/** Payments in whole cents, and the last one, which settles the rest. */
function accountInCents(
  timeline: Timeline,
  index: number,
  exact: number,
  { x, full, last }: RoundedPayments,
): Result<Account> {
  const growth = accumulationOf(timeline.spells, x);
  if (!growth.ok) return growth;
  const settled = settleFlows(timeline.flows, x);
  const own = streamAt(settled, index);
  return succeed({
    flows: [...settled.with(index, { ...own, count: full }), finalPayment(own, full, last)],
    growth: growth.value,
    x,
    roundedPayment: {
      exact: Math.abs(exact),
      full,
      last: { amount: Math.abs(last), years: paymentTime(own, full) },
    },
  });
}

/** A payment after the full ones. */
function finalPayment(own: ResolvedStream<number>, full: number, amount: number): SettledFlow {
  return { kind: "single", id: own.id, amount, at: paymentTime(own, full) };
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
