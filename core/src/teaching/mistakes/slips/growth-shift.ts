import { scale } from "../../../engine/numbers/affine";
import type { FlowOf, Problem } from "../../../engine/problem/schema";
import type { ResolvedStream, Timeline } from "../../../engine/timeline/timeline";
import { streamsOf } from "../parts-of-problem";
import type { Slip } from "../mistake";

/**
 * Each growing stream of a problem, with its payments one step of growth ahead or behind.
 *
 * @param steps 1 if the first payment has already grown, −1 if it is one step smaller
 */
export function shiftedGrowth(
  problem: Problem,
  steps: 1 | -1,
  words: (flow: FlowOf<"stream">) => Pick<Slip, "done" | "corrected">,
): Slip[] {
  return streamsOf(problem).flatMap(({ index, flow }): Slip[] => {
    const { growth } = flow;
    if (growth === undefined) return [];
    const figure = "percent" in growth ? growth.percent : growth.amount;
    if (figure === null) return [];
    const isPercent = "percent" in growth;
    return [
      {
        ...words(flow),
        problem,
        bend: (timeline) => bent(timeline, index, isPercent, figure, steps),
      },
    ];
  });
}

function bent(
  timeline: Timeline,
  index: number,
  isPercent: boolean,
  figure: number,
  steps: 1 | -1,
): Timeline {
  const flow = timeline.flows[index];
  if (flow?.kind !== "stream") return timeline;
  const { amount } = flow;
  const side = Math.sign(amount.known + amount.perUnknown);
  const shifted: ResolvedStream = {
    ...flow,
    amount: isPercent
      ? scale(amount, (1 + figure / 100) ** steps)
      : { ...amount, known: amount.known + side * steps * figure },
  };
  return { ...timeline, flows: timeline.flows.with(index, shifted) };
}
