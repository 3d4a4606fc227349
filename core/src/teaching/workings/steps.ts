import type { Quantity } from "./mathematics/expression";
import type { Line, Step } from "./step";

/** The steps of workings, each by its kind. */

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

/** A step that is left out where it has no line. */
export function stepWithLines(
  kind: Step["kind"],
  level: Step["level"],
  say: string,
  lines: readonly Line[],
): Step[] {
  return lines.length === 0 ? [] : [step(kind, level, say, ...lines)];
}
