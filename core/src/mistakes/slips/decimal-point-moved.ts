import type { Mistake } from "../mistake";
import { miscopied } from "./given-figures";

/** A decimal point in the wrong place. */
export const decimalPointMoved: Mistake = {
  code: "decimal-point-moved",
  nextTime: "Estimate the size of the answer before you work it out.",
  slips: () => [
    ...[100, 0.01, 1000, 0.001].map((times) => ({
      done: () => "the decimal point of the answer is in the wrong place",
      corrected: () => "The digits are right.",
      figure: (answer: number) => answer * times,
    })),
  ],
  rarer: ({ problem }) => [
    ...miscopied(
      problem,
      (value) => [value * 10, value / 10],
      ({ path }) => path[0] === "rates",
    ),
    ...miscopied(
      problem,
      (value) => [value * 100, value / 100],
      ({ path }) => path[0] === "flows",
    ),
  ],
};
