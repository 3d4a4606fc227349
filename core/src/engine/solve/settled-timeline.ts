import { valueAt } from "../numbers/affine";
import type { Accumulation } from "../rates/accumulation";
import { succeed, type Result } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import type { ResolvedSingle, Timeline } from "../timeline/timeline";
import type { SettledTimeline } from "./solution";

/** Puts the value found for the unknown back into the timeline. */
export function settledTimeline(timeline: Timeline, x: number): Result<SettledTimeline> {
  const { spells, flows, focal } = timeline;
  const growth = accumulationOf(spells, x);
  if (!growth.ok) return growth;
  const { starts, forces, accrual } = growth.value;
  return succeed({
    spells: spells.map(({ quotation, percent }, index) => ({
      start: starts[index] ?? 0,
      quotation,
      percent: valueAt(percent, x),
      force: forces[index] ?? 0,
    })),
    flows: settleFlows(flows, x),
    focal: focal === null ? null : valueAt(focal, x),
    ...(accrual === undefined ? {} : { accrual }),
  });
}

/** How money grows on a settled timeline. */
export function growthOf({ spells, accrual }: SettledTimeline): Accumulation {
  return {
    ...(accrual === undefined ? {} : { accrual }),
    starts: spells.map(({ start }) => start),
    forces: spells.map(({ force }) => force),
  };
}

/** A single amount as it is paid, by its index among the problem's flows; `null` for any other kind. */
export function paidSingle(
  { paid }: { readonly paid: SettledTimeline },
  index: number,
): ResolvedSingle<number> | null {
  const flow = paid.flows[index];
  return flow?.kind === "single" ? flow : null;
}
