import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { Timeline } from "../timeline/timeline";
import { worthAt } from "./worth";

/**
 * The present value of a timeline for a given value of its unknown, divided by its largest term. Only its
 * sign and its roots are meaningful.
 *
 * @returns not a number if that value of the unknown is impossible, such as rates out of order
 */
export function balanceAt({ spells, flows }: Timeline, unknown: number): number {
  const growth = accumulationOf(spells, unknown);
  return growth.ok ? worthAt(settleFlows(flows, unknown), growth.value, 0).mantissa : Number.NaN;
}
