import type { Mistake } from "../mistake";
import { miscopied } from "./given-figures";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["decimal-point-moved"];

/** The decimal point is in the wrong place. */
export const decimalPointMoved: Mistake = {
  code: "decimal-point-moved",
  nextTime: WORDS.nextTime,
  slips: () => [
    ...[100, 0.01, 1000, 0.001, 10, 0.1].map((times) => ({
      done: WORDS.done,
      corrected: WORDS.corrected,
      figure: (answer: number) => answer * times,
    })),
  ],
  rarer: ({ problem }) => [
    ...miscopied(
      problem,
      (value) => [value * 10, value / 10],
      ({ unit }) => unit === "percent",
    ),
    ...miscopied(
      problem,
      (value) => [value * 100, value / 100],
      ({ unit }) => unit === "money",
    ),
  ],
};
