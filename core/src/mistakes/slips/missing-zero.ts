import type { Mistake } from "../mistake";
import { miscopied } from "./given-figures";

/** A zero too few. */
export const missingZero: Mistake = {
  code: "missing-zero",
  nextTime: "Set commas between the thousands: a missing zero shows at once.",
  slips: () => [
    {
      done: () => "the answer has a zero too few",
      corrected: () => "It is ten times that.",
      figure: (answer) => answer / 10,
    },
  ],
  rarer: ({ problem }) =>
    miscopied(
      problem,
      (value) => [value / 10],
      ({ path }) => path[0] === "flows",
    ),
};
