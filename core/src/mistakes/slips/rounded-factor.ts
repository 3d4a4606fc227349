import { workings } from "../../workings/workings";
import type { Mistake, Slip } from "../mistake";

/** Decimals of a factor that people round to. */
const DECIMALS = [6, 5, 4, 3, 2];

/** A factor is rounded before it is used. */
export const roundedFactor: Mistake = {
  code: "rounded-factor",
  nextTime: "Carry factors with all their digits, or say that they are from a table.",
  slips: (subject) => {
    if (subject.unit !== "money") return [];
    return DECIMALS.map((factor): Slip => ({
      done: () => `the factor was rounded to ${factor} decimals`,
      corrected: () => "What is cut off from a factor is multiplied by the amount.",
      isSlow: true,
      ...(factor === 4 ? {} : { isCostly: true as const }),
      figure: () => {
        const { steps } = workings(subject.problem, subject.solution, {
          rounding: { factor, rate: null },
        });
        const value = steps.findLast(({ kind }) => kind === "value")?.value;
        if (value === undefined) return null;
        return subject.unknown.kind === "value" ? value : Math.abs(value);
      },
    }));
  },
};
