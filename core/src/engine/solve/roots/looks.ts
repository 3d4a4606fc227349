import { runsOf } from "../../flows/flow-kinds";
import { settleFlows } from "../../timeline/settle-timeline";
import type { Timeline } from "../../timeline/timeline";
import { hasStillRates, movesWith } from "../moves-with";

/** The most runs valued in one search along a grid: some tenths of a second of work. */
const MOST_RUNS_VALUED = 300_000;

/** An unknown count large enough that every place in a growth pattern has its run. */
const LONG_ENOUGH = 1000;

/** Every rate spell cuts a run, and each part is discounted over the spells before it. */
const SPELLS_LIKE_A_RUN = 8;

/**
 * How many points of a grid a search may check with `balanceByMoving`: as many as it asks for, unless the timeline
 * has so many runs or rates that this would take too long.
 */
export function affordableLooks(timeline: Timeline, wanted: number, effort: number): number {
  const { flows, spells } = timeline;
  const valued = hasStillRates(timeline) ? flows.filter(movesWith) : flows;
  const runs = settleFlows(valued, LONG_ENOUGH).reduce((sum, flow) => sum + runsOf(flow).length, 0);
  const work = runs * (1 + (spells.length - 1) / SPELLS_LIKE_A_RUN) ** 2;
  return Math.floor(effort * Math.min(wanted, MOST_RUNS_VALUED / work));
}
