import type { SettledFlow } from "../flows/flow-kind";
import { runsOf } from "../flows/flow-kinds";
import { addWorthOfRun, paymentsUpTo } from "../flows/payment-run";
import { sliceRun } from "../flows/slice-run";
import { ScaledSum } from "../numbers/scaled-sum";
import { NO_GROWTH, type Accumulation } from "../rates/accumulation";
import { partsOfOneSign } from "./rate/directions";

/** Total money in and money out; both zero or more, infinite for a perpetuity. */
export interface Totals {
  readonly in: number;
  readonly out: number;
}

/** The plain totals of flows, in closed form. */
export function totalsOf(flows: readonly SettledFlow[]): Totals {
  const inward = new ScaledSum();
  const outward = new ScaledSum();
  for (const run of flows.flatMap(runsOf).flatMap(partsOfOneSign)) {
    const own = new ScaledSum();
    addWorthOfRun(run, NO_GROWTH, 0, own);
    if (own.mantissa > 0) inward.add(own.value, 0);
    else outward.add(-own.value, 0);
  }
  return { in: inward.value, out: outward.value };
}

/** The signed value, at one date, of everything paid up to and including another. */
export function worthOfPaid(
  flows: readonly SettledFlow[],
  growth: Accumulation,
  until: number,
  focal: number,
): number {
  const sum = new ScaledSum();
  for (const run of flows.flatMap(runsOf)) {
    const count = Math.min(run.count, paymentsUpTo(run, until));
    for (const part of sliceRun(run, 0, count)) addWorthOfRun(part, growth, focal, sum);
  }
  return sum.value;
}
