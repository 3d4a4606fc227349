import { settleFlows } from "../timeline/settle-timeline";
import { focalOf } from "../timeline/focal";
import { accumulationOf } from "../timeline/spells";
import type { Timeline } from "../timeline/timeline";
import { addWorth } from "../flows/flow-kinds";
import { hasStillRates, movesWith } from "./moves-with";
import { worthAt } from "./worth";

/**
 * The value of a timeline at its focal date for a given value of its unknown, divided by its largest term. Only its
 * sign and its roots are meaningful.
 *
 * @returns not a number if that value of the unknown is impossible, such as rates out of order
 */
export function balanceAt(timeline: Timeline, unknown: number): number {
  const { spells, flows } = timeline;
  const growth = accumulationOf(spells, unknown);
  return growth.ok
    ? worthAt(settleFlows(flows, unknown), growth.value, focalOf(timeline, unknown)).mantissa
    : Number.NaN;
}

/**
 * The same for many values of an unknown time or count: whatever does not move with it is valued once.
 */
export function balanceByMoving(timeline: Timeline): (unknown: number) => number {
  const { spells, flows } = timeline;
  const growth = accumulationOf(spells, 0);
  const isStill = hasStillRates(timeline) && (timeline.focal?.perUnknown ?? 0) === 0;
  if (!isStill || !growth.ok) return (unknown) => balanceAt(timeline, unknown);
  const focal = focalOf(timeline, 0);
  const moving = flows.filter(movesWith);
  const still = worthAt(
    settleFlows(
      flows.filter((flow) => !movesWith(flow)),
      0,
    ),
    growth.value,
    focal,
  );
  return (unknown) => {
    const sum = still.copy();
    for (const flow of settleFlows(moving, unknown)) addWorth(flow, growth.value, focal, sum);
    return sum.mantissa;
  };
}
