import { plus } from "../../../engine/numbers/affine";
import type { Timeline } from "../../../engine/timeline/timeline";
import { frequencyOf } from "../../../engine/time/duration";
import { streamsOf } from "../parts-of-problem";
import type { Mistake, Slip } from "../mistake";
import { nameOf } from "../words";
import { shiftedGrowth } from "./growth-shift";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["growth-late"];

/** The student started the growth one payment late. */
export const growthLate: Mistake = {
  code: "growth-late",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const words = (flow: Parameters<typeof nameOf>[0]) => ({
      done: () => WORDS.done(nameOf(flow)),
      corrected: WORDS.corrected,
    });
    const doubled = streamsOf(problem).flatMap(({ index, flow }): Slip[] => {
      const { growth, count, every } = flow;
      if (growth === undefined || typeof count !== "number" || count < 2) return [];
      if (frequencyOf(growth.every) !== frequencyOf(every)) return [];
      return [{ ...words(flow), problem, bend: (timeline) => firstTwice(timeline, index) }];
    });
    return [...doubled, ...shiftedGrowth(problem, -1, words)];
  },
};

/** The first two payments are equal; the others are one step of growth behind. */
function firstTwice(timeline: Timeline, index: number): Timeline {
  const flow = timeline.flows[index];
  if (flow?.kind !== "stream") return timeline;
  const period = { known: 1 / flow.frequency, perUnknown: 0 };
  const first = {
    kind: "single" as const,
    id: flow.id,
    amount: flow.amount,
    at: flow.timing === "start" ? flow.begins : plus(flow.begins, period),
  };
  const rest = {
    ...flow,
    count: { ...flow.count, known: flow.count.known - 1 },
    begins: plus(flow.begins, period),
  };
  return { ...timeline, flows: [...timeline.flows.with(index, rest), first] };
}
