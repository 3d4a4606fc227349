import type { Mistake } from "../mistake";

/** The interest is given where the whole amount is asked. */
export const interestForTotal: Mistake = {
  code: "interest-for-total",
  nextTime: "Read whether the question asks for the interest or for the whole amount.",
  slips: (subject) => {
    if (subject.unit !== "money" || subject.unknown.kind === "value") return [];
    const { interest } = subject.solution.facts;
    return interest === undefined
      ? []
      : [
          {
            done: () => "the interest was given, and not the amount that is asked",
            corrected: () => "The interest is only what the amounts differ by.",
            figure: () => interest,
          },
        ];
  },
};
