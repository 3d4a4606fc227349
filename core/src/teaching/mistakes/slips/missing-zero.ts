import type { Mistake } from "../mistake";
import { miscopied } from "./given-figures";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";

const WORDS = MISTAKE_WORDS["missing-zero"];

/** One zero too few. */
export const missingZero: Mistake = {
  code: "missing-zero",
  nextTime: WORDS.nextTime,
  slips: () => [
    {
      done: WORDS.done,
      corrected: WORDS.corrected,
      figure: (answer) => answer / 10,
    },
  ],
  rarer: ({ problem }) =>
    miscopied(
      problem,
      (value) => [value / 10],
      ({ unit }) => unit === "money",
    ),
};
