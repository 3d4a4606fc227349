import type { Problem } from "../../engine/problem/schema";
import { solve } from "../../engine/solve/solve";
import { letterIn, plainHand } from "../workings/mathematics/hands";
import type { Quantity } from "../workings/mathematics/expression";
import { workings, type Workings } from "../workings/workings";
import { CATALOGUE } from "./catalogue";
import { agreesInSize, type Claim } from "../../engine/numbers/claim";
import type { Explanation } from "./search";
import { subjectOf } from "./subject-after";

/** The place of a student's intermediate value. */
export type Placing =
  | {
      readonly found: "right";
      /** From 0, of the step that calculates it; `null` if it is given. */
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
 * Places an intermediate value in the workings. If it is correct, the mistake comes later; if it is the value
 * that a mistake gives there, that mistake is named.
 *
 * @param claim the value and its precision; rates as a decimal or a percentage
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
  return solved.ok ? workings(solved.value) : null;
}

/** The quantity in some workings that equals a value of at least three digits. */
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
