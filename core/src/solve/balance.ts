import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { Timeline } from "../timeline/timeline";
import { worthAt } from "./worth";

/**
 * How far a timeline is from balancing once its unknown is given a value: its worth today, over the size
 * of its largest term. Only its sign and its roots mean anything.
 *
 * @returns not a number where that value of the unknown makes no sense, such as rates out of order
 */
export function balanceAt({ spells, flows }: Timeline, unknown: number): number {
  const growth = accumulationOf(spells, unknown);
  return growth.ok ? worthAt(settleFlows(flows, unknown), growth.value, 0).mantissa : Number.NaN;
}
