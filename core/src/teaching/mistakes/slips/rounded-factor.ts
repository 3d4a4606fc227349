import { workings } from "../../workings/workings";
import type { Mistake, Slip } from "../mistake";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import { writeFigure } from "../../../wording/answer-format";

/** The decimals that students round a factor to. */
const DECIMALS = [6, 5, 4, 3, 2];

const WORDS = MISTAKE_WORDS["rounded-factor"];

/** The student rounded a factor before using it. */
export const roundedFactor: Mistake = {
  code: "rounded-factor",
  nextTime: WORDS.nextTime,
  slips: (subject) => {
    if (subject.unit !== "money") return [];
    return DECIMALS.map((factor): Slip => ({
      done: (format) => WORDS.done(writeFigure(factor, format)),
      corrected: WORDS.corrected,
      isSlow: true,
      ...(factor === 4 ? {} : { isCostly: true as const }),
      figure: () => {
        const { steps } = workings(subject.solution, {
          rounding: { factor, rate: null },
        });
        const value = steps.findLast(({ kind }) => kind === "value")?.value;
        if (value === undefined) return null;
        return subject.unknown.kind === "value" ? value : Math.abs(value);
      },
    }));
  },
};
