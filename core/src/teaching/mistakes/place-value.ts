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
  return place === null ? placeSlip(slippedWorkings(problem), claim) : { found: "right", ...place };
}

/** The workings of a problem after one mistake. */
export interface SlippedWorkings {
  readonly explanation: Omit<Explanation, "value">;
  readonly made: Workings;
}

/** The workings after each mistake that a problem file can say, likeliest first. */
export function slippedWorkings(problem: Problem): SlippedWorkings[] {
  const solved = solve(problem);
  if (!solved.ok) return [];
  const { unknown, answers } = solved.value;
  const subject = subjectOf(problem, unknown, answers[0], () => solved.value);
  return CATALOGUE.flatMap(({ slips, nextTime, code }) =>
    slips(subject).flatMap((slip) => {
      if (slip.problem === undefined || slip.bend !== undefined || slip.isRare === true) return [];
      const made = workingsOf(slip.problem);
      if (made === null) return [];
      const explanation = {
        codes: [code],
        slips: [slip],
        nextTime: [slip.nextTime ?? nextTime],
        problem: slip.problem,
      };
      return [{ explanation, made }];
    }),
  );
}

/** A value that is not in the correct workings, in those of a mistake. */
export function placeSlip(
  ways: readonly SlippedWorkings[],
  claim: Claim,
): Exclude<Placing, { found: "right" }> {
  for (const { explanation, made } of ways) {
    const where = placeIn(made, claim);
    if (where !== null) {
      return { found: "slip", ...where, explanation: { ...explanation, value: claim.value } };
    }
  }
  return { found: "nothing" };
}

export function workingsOf(problem: Problem): Workings | null {
  const solved = solve(problem);
  return solved.ok ? workings(solved.value) : null;
}

/** The place of a quantity in some workings. */
export interface Where {
  /** From 0, of the step that calculates it; `null` if it is given. */
  readonly step: number | null;
  readonly letter: string | null;
}

/** The quantity in some workings that equals a value of at least three digits. */
function placeIn(made: Workings, claim: Claim): Where | null {
  if (!hasDigits(claim)) return null;
  const quantity = calculatedIn(made).find((one) => isIt(one, claim));
  return quantity === undefined ? null : whereIs(made, quantity);
}

/** The quantities that are worked out, without those that are given or unknown. */
export function calculatedIn({ quantities }: Workings): Quantity[] {
  return quantities.filter(({ isOpen, expression }) => !isOpen && expression !== null);
}

/** Whether a value has digits enough to tell it from any other. */
export function hasDigits({ value, half }: Claim): boolean {
  return Math.abs(value) / (2 * half) >= 100;
}

export function whereIs({ steps }: Workings, quantity: Quantity): Where {
  const step = steps.findIndex(({ lines }) => lines.some(({ defines }) => defines === quantity));
  return {
    step: step < 0 ? null : step,
    letter: quantity.letter === null ? null : letterIn(quantity.letter, plainHand),
  };
}

/** Whether a claim is a quantity, of its own value or another. */
export function isIt({ kind, value: own }: Quantity, claim: Claim, value: number = own): boolean {
  if (agreesInSize(claim, value)) return claim.isPercent !== true || kind !== "rate";
  return kind === "rate" && agreesInSize(claim, value * 100);
}
