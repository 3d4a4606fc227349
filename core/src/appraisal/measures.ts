import type { DatedAmount } from "../flows/flow-kind";
import { sum } from "../numbers/sum";

/**
 * What flows are worth at a date under one force of interest.
 *
 * @param force a decimal a year
 * @param focal years from time 0
 * Accuracy: relative 1e-15 of the sum of the sizes of its terms.
 * Source: Kellison, ch. 7 (net present value)
 */
export function netValue(flows: readonly DatedAmount[], force: number, focal = 0): number {
  return sum(flows.map(({ amount, at }) => amount * Math.exp(force * (focal - at))));
}

/**
 * The rate at which outlays, discounted to the start, become what the inflows have grown to by the end.
 *
 * @param hurdle force at which outlays are discounted
 * @param reinvest force at which inflows are reinvested
 * @returns percent a year, effective; `null` without both outlays and inflows, or without time between
 * Source: S. A. Y. Lin, The modified internal rate of return and investment criterion,
 *   The Engineering Economist 21 (1976)
 */
export function modifiedRate(
  flows: readonly DatedAmount[],
  hurdle: number,
  reinvest: number,
): number | null {
  const years = lifeOf(flows);
  const outlays = -netValue(
    flows.filter(({ amount }) => amount < 0),
    hurdle,
  );
  const inflows = netValue(
    flows.filter(({ amount }) => amount > 0),
    reinvest,
    years,
  );
  if (years === 0 || outlays === 0 || inflows === 0) return null;
  return Math.expm1(Math.log(inflows / outlays) / years) * 100;
}

/**
 * The value of all later flows over the first outlay.
 *
 * @returns `null` where the first flow is no outlay
 */
export function profitabilityIndex(flows: readonly DatedAmount[], force: number): number | null {
  const [first, ...later] = flows;
  if (first === undefined || first.amount >= 0) return null;
  return -netValue(later, force, first.at) / first.amount;
}

/**
 * The level amount at the end of each year of the life that has the same net present value.
 *
 * @returns `null` for a life of no length
 */
export function equivalentAnnual(flows: readonly DatedAmount[], force: number): number | null {
  const years = lifeOf(flows);
  if (years === 0) return null;
  const value = netValue(flows, force);
  // A level yearly amount over n years is worth −expm1(−nλ)/expm1(λ) of it; n where nothing is discounted.
  return force === 0 ? value / years : (value * Math.expm1(force)) / -Math.expm1(-years * force);
}

/**
 * Years until the running total first reaches zero from below; between two flows in proportion.
 *
 * @param force 0 for the plain payback, the hurdle rate's for the discounted one
 * @returns `null` where the total is never below zero, or never comes back
 */
export function payback(flows: readonly DatedAmount[], force: number): number | null {
  let total = 0;
  let before = 0;
  for (const { amount, at } of flows) {
    const worth = amount * Math.exp(-force * at);
    const next = total + worth;
    if (total < 0 && next >= 0) return before + (at - before) * (-total / worth);
    total = next;
    before = at;
  }
  return null;
}

function lifeOf(flows: readonly DatedAmount[]): number {
  return (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
}
