import { leastForce } from "../../engine/flows/convergence";
import type { DatedAmount, SettledFlow } from "../../engine/flows/flow-kind";
import { expandFlow, runsOf } from "../../engine/flows/flow-kinds";
import type { Accumulation } from "../../engine/rates/accumulation";

/** The most single amounts that are valued one by one. */
export const MOST_AMOUNTS = 60_000;

/** The rest of a perpetuity that may be cut off, as a fraction of its first payments. */
const NEGLIGIBLE = 1e-17;

/** A flow as single amounts; a perpetuity until its payments are negligible. */
export interface SingleAmounts {
  readonly amounts: readonly DatedAmount[];
  /** Whether it is a perpetuity that was cut off. */
  readonly isBrokenOff: boolean;
}

/**
 * The flows of a settled timeline as single amounts by date, directly from their definition.
 *
 * @returns `null` if there are too many, or a perpetuity whose payments lose value too slowly
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
  // Payments that rise by a fixed amount lose value more slowly than their discount factor.
  const count = Math.ceil(years * flow.frequency * (flow.growth?.by === "amount" ? 1.5 : 1));
  return count > 0 && count <= MOST_AMOUNTS ? { ...flow, count } : null;
}
