import type { Measure } from "../../../engine/appraisal/measure";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import { Sheet } from "../compose/sheet";
import { UNROUNDED } from "../mathematics/figures";
import type { Step } from "../step";
import type { Workings, WorkingsOptions } from "../workings";
import { equivalentSteps, netPresentValue, profitabilitySteps } from "./net-present-value";
import { paybackSteps } from "./payback";
import { internalRateSteps, modifiedRateSteps } from "./rates-of-return";

/**
 * The workings of a measure of a project, with its own numbers.
 *
 * @param subject the project, appraised by `appraise`
 * @returns `null` if the project has no such value
 * Accuracy: the last value agrees with the engine's to a relative 1e-9, unless intermediate values are rounded
 * Source: as at each measure in `appraisal/measures.ts`
 */
export function appraisalWorkings(
  measure: Measure,
  subject: AppraisalSubject,
  { level = "every-step", rounding = UNROUNDED }: WorkingsOptions = {},
): Workings | null {
  const sheet = new Sheet(rounding, `${measure}_`, subject.format);
  const steps = STEPS[measure](subject, sheet);
  if (steps === null) return null;
  sheet.numberLetters();
  const result = steps.findLast(({ finds }) => finds !== undefined)?.finds;
  if (result === undefined) throw new TypeError("Workings find the unknown");
  return {
    steps: steps.filter((step) => level === "every-step" || step.level === "short"),
    quantities: sheet.quantities,
    result,
  };
}

type StepsOf = (subject: AppraisalSubject, sheet: Sheet) => Step[] | null;

const STEPS: Readonly<Record<Measure, StepsOf>> = {
  npv: (subject, sheet) => netPresentValue(subject, sheet).steps,
  irr: internalRateSteps,
  mirr: modifiedRateSteps,
  payback: (subject, sheet) => paybackSteps(subject, sheet, subject.judged.payback, null),
  "discounted-payback": (subject, sheet) =>
    paybackSteps(subject, sheet, subject.judged.discountedPayback, subject.hurdlePercent),
  "profitability-index": profitabilitySteps,
  "equivalent-annual": equivalentSteps,
};
