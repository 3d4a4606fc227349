import type { DatedAmount } from "../flows/flow-kind";
import { sum } from "../numbers/sum";

/**
 * The value of flows at a date under one force of interest.
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
 * The rate at which the outlays, discounted to the start, grow to the accumulated inflows at the end.
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
 * The value of all later flows, divided by the first outlay.
 *
 * @returns `null` if the first flow is not an outlay
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
  // A level amount A a year for n years has the present value A·(−expm1(−nδ))/expm1(δ), or n·A at δ = 0.
  return force === 0 ? value / years : (value * Math.expm1(force)) / -Math.expm1(-years * force);
}

/**
 * Years until the running total first reaches zero from below; between two flows in proportion.
 *
 * @param force 0 for the plain payback, the hurdle rate's for the discounted one
 * @returns `null` if the total is never below zero, or stays below it
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

export function lifeOf(flows: readonly DatedAmount[]): number {
  return (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0);
}
