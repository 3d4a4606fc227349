import { leastForce } from "../flows/convergence";
import type { DatedAmount, SettledFlow } from "../flows/flow-kind";
import { expandFlow, runsOf } from "../flows/flow-kinds";
import type { Accumulation } from "../rates/accumulation";

/** More single amounts than this are not gone through one by one. */
export const MOST_AMOUNTS = 60_000;

/** What is left of an endless stream when it may be broken off, as a part of its first payments. */
const NEGLIGIBLE = 1e-17;

/** A flow as single amounts; an endless one as far as its payments still weigh anything. */
export interface SingleAmounts {
  readonly amounts: readonly DatedAmount[];
  /** It goes on for ever, and was broken off. */
  readonly isBrokenOff: boolean;
}

/**
 * The flows of a settled timeline as single amounts in the order of time, straight from their definition.
 *
 * @returns `null` where there are too many of them, or an endless stream that loses its weight too slowly
 */
export function singleAmounts(
  flows: readonly SettledFlow[],
  growth: Accumulation,
): SingleAmounts | null {
  const amounts: DatedAmount[] = [];
  let isBrokenOff = false;
  for (const flow of flows) {
    const finite = broughtToEnd(flow, growth);
    if (finite === null) return null;
    isBrokenOff ||= finite !== flow;
    if (finite.kind === "stream" && finite.count > MOST_AMOUNTS) return null;
    amounts.push(...expandFlow(finite, growth));
    if (amounts.length > MOST_AMOUNTS) return null;
  }
  amounts.sort((one, other) => one.at - other.at);
  return { amounts, isBrokenOff };
}

function broughtToEnd(flow: SettledFlow, growth: Accumulation): SettledFlow | null {
  if (flow.kind !== "stream" || Number.isFinite(flow.count)) return flow;
  const force = growth.forces.at(-1) ?? 0;
  const least = Math.max(...runsOf(flow).map(leastForce));
  const years = -Math.log(NEGLIGIBLE) / (force - least) + (growth.starts.at(-1) ?? 0);
  // Payments that rise by amounts fade more slowly than their discount.
  const count = Math.ceil(years * flow.frequency * (flow.growth?.by === "amount" ? 1.5 : 1));
  return count > 0 && count <= MOST_AMOUNTS ? { ...flow, count } : null;
}
