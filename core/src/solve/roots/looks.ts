import { runsOf } from "../../flows/flow-kinds";
import { settleFlows } from "../../timeline/settle-timeline";
import type { ResolvedFlow } from "../../timeline/timeline";

/** Runs valued in one search along a grid: about half a second of work. */
const MOST_RUNS_VALUED = 4_000_000;

/**
 * How many points of a grid a search may look at: as many as it would like to, unless the timeline has
 * so many runs that this would take too long.
 */
export function affordableLooks(flows: readonly ResolvedFlow[], wanted: number): number {
  const runs = settleFlows(flows, 1).reduce((sum, flow) => sum + runsOf(flow).length, 0);
  return Math.min(wanted, Math.floor(MOST_RUNS_VALUED / runs));
}
