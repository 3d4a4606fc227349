import { hasInlined } from "./mathematics/evaluate";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import type { Quantity } from "./mathematics/expression";
import type { Level } from "../../wording/workings-style";
import type { Line, Step } from "./step";

/** The steps of workings, each by its kind. */

/** The steps of the short workings, or of those with every step. */
export function stepsAt(level: Level, steps: readonly Step[]): Step[] {
  const others = level === "short" ? "every-step" : "short-alone";
  return steps.filter((one) => one.level !== others);
}

export function step(
  kind: Step["kind"],
  level: Step["level"],
  say: string,
  ...lines: readonly Line[]
): Step {
  return { kind, level, say, lines };
}

/** The equation with something moved to its other side. */
export function rearranged(level: Step["level"], say: string, ...lines: readonly Line[]): Step {
  return step("rearranged", level, say, ...lines);
}

/** A value that goes into what is sought. */
export function valueStep(say: string, value: number, ...lines: readonly Line[]): Step {
  return { ...step("value", "short", say, ...lines), value };
}

/** The value of what is sought; the last such step has the answer. */
export function foundStep(say: string, finds: Quantity, ...lines: readonly Line[]): Step {
  return { ...valueStep(say, finds.value, ...lines), finds };
}

/** The lines that end at what is sought. */
export interface Substituted {
  /** The formula in numbers. */
  readonly inNumbers: Line;
  /** The values, in one line or several. */
  readonly inValues: readonly Line[];
  /** The values where those of the stages before have lines of their own. */
  readonly inStages?: readonly Line[];
}

/**
 * What is sought, at last: in the short workings its formula in numbers and then its values, with every step the values
 * alone, because their own lines stand before.
 *
 * @param more a sentence more
 */
export function substitutedSteps(
  finds: Quantity,
  { inNumbers, inValues, inStages = inValues }: Substituted,
  more = "",
): Step[] {
  const { substitute, calculate, substituteAndCalculate } = STEP_WORDS.solve;
  const said = (say: string) => (more === "" ? say : `${say} ${more}`);
  // Where nothing is worked out on the way, the line in numbers is the line in values.
  if (!inNumbers.parts.some(({ expression }) => hasInlined(expression))) {
    return [foundStep(said(substituteAndCalculate), finds, ...inStages)];
  }
  return [
    step("numbers", "short-alone", substitute, inNumbers),
    { ...foundStep(said(calculate), finds, ...inValues), level: "short-alone" },
    { ...foundStep(said(substituteAndCalculate), finds, ...inStages), level: "every-step" },
  ];
}

/** A step that is left out where it has no line. */
export function stepWithLines(
  kind: Step["kind"],
  level: Step["level"],
  say: string,
  lines: readonly Line[],
): Step[] {
  return lines.length === 0 ? [] : [step(kind, level, say, ...lines)];
}
