import type { Quantity } from "./mathematics/expression";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import type { Step } from "./step";
import { linePlain } from "./write-line";

/** Beyond these sizes a product of a few quantities may be past the largest double, or below the smallest. */
const LARGE = 1e60;

/** Whether every number in the workings is one; at −99% a month a discount factor may be 10⁷²⁰. */
export function canBeWritten(steps: readonly Step[], quantities: readonly Quantity[]): boolean {
  if (quantities.every(({ value }) => isOrdinary(value))) return true;
  return steps.every(
    ({ say, lines }) => isNumber(say) && lines.every((line) => isNumber(linePlain(line))),
  );
}

function isOrdinary(value: number): boolean {
  const size = Math.abs(value);
  return size === 0 || (size < LARGE && size > 1 / LARGE);
}

function isNumber(text: string): boolean {
  return !/NaN|Infinity/.test(text);
}

/** What stands in place of the steps. */
export function beyondNumbers(value: number): Step {
  return { kind: "value", level: "short", say: STEP_WORDS.beyondNumbers, lines: [], value };
}
