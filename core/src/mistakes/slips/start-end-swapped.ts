import type { Problem } from "../../problem/schema";
import { streamsOf, withFlow } from "../parts-of-problem";
import type { Mistake } from "../mistake";
import { nameOf } from "../words";

/** Payments at the start of each period are reckoned as if they came at its end, or the reverse. */
export const startEndSwapped: Mistake = {
  code: "start-end-swapped",
  nextTime:
    "Mark the first payment on the timeline: at the start of its period it earns for one period more.",
  slips: ({ problem }) => {
    const streams = streamsOf(problem);
    const swap = (one: Problem, { index, flow }: (typeof streams)[number]) =>
      withFlow(one, index, { ...flow, timing: flow.timing === "end" ? "start" : "end" });
    const told = (flow: (typeof streams)[number]["flow"]) => {
      const [is, was] = flow.timing === "end" ? ["end", "start"] : ["start", "end"];
      return {
        done: () => `${nameOf(flow)} were taken at the ${was} of each period`,
        corrected: () =>
          `They fall at the ${is} of each period, so all of them are worth ${is === "end" ? "one period's interest less" : "one period's interest more"} than that.`,
      };
    };
    return [
      ...streams.map((stream) => ({ ...told(stream.flow), problem: swap(problem, stream) })),
      ...(streams.length > 1 && streams[0] !== undefined
        ? [
            {
              ...told(streams[0].flow),
              done: () => "all payments were taken at the other end of their periods",
              problem: streams.reduce(swap, problem),
            },
          ]
        : []),
    ];
  },
};
