import { expandFlow } from "../flows/flow-kinds";
import { valueAt } from "../numbers/affine";
import { sum } from "../numbers/sum";
import type { Unknown } from "../problem/unknown";
import type { Accumulation } from "../rates/accumulation";
import { percentFromForce } from "../rates/force-of-interest";
import type { Result } from "../result";
import { succeed } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Timeline } from "../timeline/timeline";
import type { Facts, SettledTimeline } from "./solution";

/** Puts the value found for the unknown back into the timeline. */
export function settle(timeline: Timeline, unknown: Unknown, x: number): Result<SettledTimeline> {
  const flows = timeline.flows.map((flow, index) =>
    unknown.kind === "at" && index === unknown.path[1] ? { ...flow, at: x } : flow,
  );
  const growth = accumulationOf(timeline, x);
  if (!growth.ok) return growth;
  return succeed({
    spells: timeline.spells.map(({ start, quotation, percent }, index) => ({
      start,
      quotation,
      percent: valueAt(percent, x),
      force: growth.value.forces[index] ?? 0,
    })),
    flows: flows.flatMap((flow) =>
      expandFlow(flow).map(({ amount, at }) => ({ id: flow.id, amount: valueAt(amount, x), at })),
    ),
  });
}

/** @param balances whether the flows make up an equation: interest means nothing where they do not */
export function factsOf(settled: SettledTimeline, balances: boolean): Facts {
  const totalIn = sum(settled.flows.map(({ amount }) => Math.max(0, amount)));
  const totalOut = sum(settled.flows.map(({ amount }) => Math.max(0, -amount)));
  const effectivePercents = settled.spells.map(({ force }) => {
    const percent = percentFromForce(force, { quoted: "effective" });
    return Number.isFinite(percent) ? percent : null;
  });
  if (!balances) return { totalIn, totalOut, effectivePercents };
  return {
    totalIn,
    totalOut,
    interest: Math.abs(totalIn - totalOut),
    interestIs: totalIn >= totalOut ? "earned" : "paid",
    effectivePercents,
  };
}

/** How money grows on a settled timeline. */
export function growthOf({ spells }: SettledTimeline): Accumulation {
  return {
    starts: spells.map(({ start }) => start),
    forces: spells.map(({ force }) => force),
  };
}
