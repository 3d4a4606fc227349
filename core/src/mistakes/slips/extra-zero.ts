import type { Mistake } from "../mistake";
import { miscopied } from "./given-figures";

/** A zero too many. */
export const extraZero: Mistake = {
  code: "extra-zero",
  nextTime: "Set commas between the thousands: a zero too many shows at once.",
  slips: () => [
    {
      done: () => "the answer has a zero too many",
      corrected: () => "It is a tenth of that.",
      figure: (answer) => answer * 10,
    },
  ],
  rarer: ({ problem }) =>
    miscopied(
      problem,
      (value) => [value * 10],
      ({ path }) => path[0] === "flows",
    ),
};
