import { runsOf } from "../../flows/flow-kinds";
import { settleFlows } from "../../timeline/settle-timeline";
import type { ResolvedFlow } from "../../timeline/timeline";

/** The most runs valued in one search along a grid: some tenths of a second of work. */
const MOST_RUNS_VALUED = 300_000;

/** An unknown count large enough that every place in a growth pattern has its run. */
const LONG_ENOUGH = 1000;

/**
 * How many points of a grid a search may check: as many as it asks for, unless the timeline has so many runs
 * that this would take too long.
 */
export function affordableLooks(
  flows: readonly ResolvedFlow[],
  wanted: number,
  effort: number,
): number {
  const runs = settleFlows(flows, LONG_ENOUGH).reduce((sum, flow) => sum + runsOf(flow).length, 0);
  return Math.floor(effort * Math.min(wanted, MOST_RUNS_VALUED / runs));
}
