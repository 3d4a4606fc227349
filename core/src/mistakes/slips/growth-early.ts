import type { Mistake } from "../mistake";
import { nameOf } from "../words";
import { shiftedGrowth } from "./growth-shift";

/** The first payment is reckoned as if it had grown already. */
export const growthEarly: Mistake = {
  code: "growth-early",
  nextTime: "The first payment is the one that is given; the second is the first that has grown.",
  slips: ({ problem }) =>
    shiftedGrowth(problem, 1, (flow) => ({
      done: () => `the first of ${nameOf(flow)} was taken with its growth already in it`,
      corrected: () => "The first payment is paid as it is given, and growth begins after it.",
    })),
};
