import { runsOf } from "../../flows/flow-kinds";
import { settleFlows } from "../../timeline/settle-timeline";
import type { ResolvedFlow } from "../../timeline/timeline";

/** Runs valued in one search along a grid: some tenths of a second of work. */
const MOST_RUNS_VALUED = 300_000;

/** An unknown count for which every place in a pattern of growth has its run. */
const LONG_ENOUGH = 1000;

/**
 * How many points of a grid a search may look at: as many as it would like to, unless the timeline has
 * so many runs that this would take too long.
 */
export function affordableLooks(
  flows: readonly ResolvedFlow[],
  wanted: number,
  effort: number,
): number {
  const runs = settleFlows(flows, LONG_ENOUGH).reduce((sum, flow) => sum + runsOf(flow).length, 0);
  return Math.floor(effort * Math.min(wanted, MOST_RUNS_VALUED / runs));
}
