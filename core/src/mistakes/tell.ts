import { USUAL_FORMAT, writeMoney, writeRate, type AnswerFormat } from "../wording/answer-format";
import { formatFigure } from "../wording/format-number";
import type { Problem } from "../problem/schema";
import { solve } from "../solve/solve";
import type { Answer } from "../solve/solution";
import { workings } from "../workings/workings";
import type { Step } from "../workings/step";
import { linePlain } from "../workings/write-line";
import type { RightAs } from "./right-as";
import type { Explanation } from "./search";

/** An explanation in sentences. */
export interface Told {
  /** What was done, and that just this number comes of it. */
  readonly sentence: string;
  /** The step as it should be, for each of the mistakes. */
  readonly corrected: readonly string[];
  readonly nextTime: readonly string[];
}

/**
 * @param unit of the problem's answer
 * @param format how this person has numbers written
 */
export function tellExplanation(
  { slips, value, nextTime }: Explanation,
  unit: Answer["unit"],
  format: AnswerFormat = USUAL_FORMAT,
): Told {
  const done = slips.map((slip) => slip.done()).join(", and ");
  return {
    sentence: `It looks as if ${done}. That gives ${figureIn(value, unit, format)}, which is your number.`,
    corrected: slips.map((slip) => slip.corrected()),
    nextTime,
  };
}

function figureIn(value: number, unit: Answer["unit"], format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(value, format);
    case "percent":
      return writeRate(value, format);
    case "payments":
      return `${formatFigure(value, 4)} payments`;
    case "years":
      return `${formatFigure(value, 4)} years`;
  }
}

/** What is said of a right answer, by the form in which it is right. */
export function tellRight(as: RightAs): string {
  switch (as) {
    case "it is":
      return "That is right, to every digit you give.";
    case "size":
      return "That is right: it is the size of the worth, to every digit you give.";
    case "decimal":
      return "That is right: it is the rate as a decimal.";
    case "whole payments":
      return "That is right in whole payments; the last of them is another size.";
    case "years":
      return "That is right: it is the time that the payments take.";
  }
}

/** Where two ways of working a problem part: the same step as it should be and as it was. */
export interface Parting {
  /** From 0, among all steps. */
  readonly index: number;
  readonly right: Step;
  readonly wrong: Step;
}

/** The first step in which the workings of a slip differ from the right ones. */
export function partingOf(problem: Problem, slipped: Problem): Parting | null {
  const [one, other] = [solve(problem), solve(slipped)];
  if (!one.ok || !other.ok) return null;
  const right = workings(problem, one.value).steps;
  const wrong = workings(slipped, other.value).steps;
  const text = ({ lines, table }: Step) =>
    JSON.stringify([lines.map((line) => linePlain(line)), table ?? null]);
  for (const [index, step] of right.entries()) {
    if (step.kind === "given" || step.lines.length === 0) continue;
    const place = wrong.findIndex(
      (found, at) =>
        found.kind === step.kind && found.lines.length > 0 && nth(wrong, at) === nth(right, index),
    );
    const counterpart = wrong[place];
    if (counterpart === undefined) continue;
    if (text(step) !== text(counterpart)) return { index, right: step, wrong: counterpart };
  }
  return null;
}

/** Which of the steps of its kind a step is. */
function nth(steps: readonly Step[], index: number): number {
  const kind = steps[index]?.kind;
  return steps.slice(0, index).filter((step) => step.kind === kind).length;
}
