import type { Problem } from "../../../engine/problem/schema";
import { streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["start-end-swapped"];

/** The student treated an annuity due as an ordinary annuity, or the reverse. */
export const startEndSwapped: Mistake = {
  code: "start-end-swapped",
  nextTime: WORDS.nextTime,
  slips: ({ problem }) => {
    const streams = streamsOf(problem);
    const swap = (one: Problem, { index, flow }: (typeof streams)[number]) =>
      withFlow(one, index, { ...flow, timing: flow.timing === "end" ? "start" : "end" });
    const told = (flow: (typeof streams)[number]["flow"]) => ({
      done: () => WORDS.done(nameOf(flow), flow.timing),
      corrected: () => WORDS.corrected(flow.timing),
    });
    return [
      ...streams.map((stream) => ({ ...told(stream.flow), problem: swap(problem, stream) })),
      ...(streams.length > 1 && streams[0] !== undefined
        ? [
            {
              ...told(streams[0].flow),
              done: WORDS.doneAll,
              problem: streams.reduce(swap, problem),
            },
          ]
        : []),
    ];
  },
};
