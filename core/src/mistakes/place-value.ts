import type { Problem } from "../problem/schema";
import { solve } from "../solve/solve";
import { letterIn, plainHand } from "../workings/mathematics/hands";
import type { Quantity } from "../workings/mathematics/expression";
import { workings, type Workings } from "../workings/workings";
import { CATALOGUE } from "./catalogue";
import { agreesInSize, type Claim } from "./claim";
import type { Explanation } from "./search";
import { subjectOf } from "./subject-after";

/** Where a value that somebody got on the way belongs. */
export type Placing =
  | {
      readonly found: "right";
      /** From 0, of the step that works it out; `null` where it is given. */
      readonly step: number | null;
      readonly letter: string | null;
    }
  | {
      readonly found: "slip";
      readonly step: number | null;
      readonly letter: string | null;
      readonly explanation: Explanation;
    }
  | { readonly found: "nothing" };

/**
 * Places an intermediate value in the workings: where it is right, the slip comes after it; where it is the
 * value that a mistake would give there, that is the one.
 *
 * @param claim the value, with how precisely it is written; rates as a decimal or in percent
 */
export function placeValue(problem: Problem, claim: Claim): Placing {
  const right = workingsOf(problem);
  if (right === null) return { found: "nothing" };
  const place = placeIn(right, claim);
  if (place !== null) return { found: "right", ...place };
  const solved = solve(problem);
  if (!solved.ok) return { found: "nothing" };
  const { unknown, answers } = solved.value;
  const subject = subjectOf(problem, unknown, answers[0], () => solved.value);
  for (const mistake of CATALOGUE) {
    for (const slip of mistake.slips(subject)) {
      if (slip.problem === undefined || slip.bend !== undefined || slip.isRare === true) continue;
      const slipped = workingsOf(slip.problem);
      const where = slipped === null ? null : placeIn(slipped, claim);
      if (where === null) continue;
      const { nextTime, code } = mistake;
      const explanation = {
        codes: [code],
        slips: [slip],
        nextTime: [nextTime],
        value: claim.value,
        problem: slip.problem,
      };
      return { found: "slip", ...where, explanation };
    }
  }
  return { found: "nothing" };
}

function workingsOf(problem: Problem): Workings | null {
  const solved = solve(problem);
  return solved.ok ? workings(problem, solved.value) : null;
}

/** The quantity of some workings that a value is, with at least three digits to tell it by. */
function placeIn({ steps, quantities }: Workings, claim: Claim) {
  if (Math.abs(claim.value) / (2 * claim.half) < 100) return null;
  const quantity = quantities.find(
    (one) => !one.isOpen && one.expression !== null && isIt(one, claim),
  );
  if (quantity === undefined) return null;
  const step = steps.findIndex(({ lines }) => lines.some(({ defines }) => defines === quantity));
  return {
    step: step < 0 ? null : step,
    letter: quantity.letter === null ? null : letterIn(quantity.letter, plainHand),
  };
}

function isIt({ kind, value }: Quantity, claim: Claim): boolean {
  if (agreesInSize(claim, value)) return claim.isPercent !== true || kind !== "rate";
  return kind === "rate" && agreesInSize(claim, value * 100);
}
