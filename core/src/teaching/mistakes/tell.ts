import {
  USUAL_FORMAT,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
} from "../../wording/answer-format";
import { isClose, PART_BETWEEN } from "../../engine/numbers/compare";
import { VERDICT_WORDS } from "../../wording/teaching/verdict-words";
import type { Problem } from "../../engine/problem/schema";
import { solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import { workings } from "../workings/workings";
import type { Step } from "../workings/step";
import { linePlain } from "../workings/write-line";
import type { Through } from "./mark";
import type { RightAs } from "./right-as";
import type { Explanation } from "./search";

/** An explanation in sentences. */
export interface Told {
  /** What the student did, and that it gives exactly their answer. */
  readonly sentence: string;
  /** The correct step, for each mistake. */
  readonly corrected: readonly string[];
  readonly nextTime: readonly string[];
}

/**
 * @param unit of the problem's answer
 * @param format the reader's number format
 */
export function tellExplanation(
  explanation: Explanation,
  unit: Answer["unit"],
  format: AnswerFormat = USUAL_FORMAT,
): Told {
  const { slips, value, nextTime } = explanation;
  return {
    sentence: VERDICT_WORDS.explained(
      doneWords(explanation, format),
      figureIn(value, unit, format),
    ),
    corrected: slips.map((slip) => slip.corrected(format)),
    nextTime,
  };
}

/** The likeliest explanation, with those that give the same number in the same sentence, and the others. */
export interface ToldTogether extends Told {
  readonly others: readonly Explanation[];
}

/** The explanations of a number: what gives the very same number as the likeliest is offered beside it. */
export function tellTogether(
  explanations: readonly [Explanation, ...Explanation[]],
  unit: Answer["unit"],
  format: AnswerFormat = USUAL_FORMAT,
): ToldTogether {
  const [first, ...rest] = explanations;
  const isBeside = ({ value, codes }: Explanation) =>
    codes.length === 1 && isClose(value, first.value, PART_BETWEEN.anyWay);
  const beside = first.codes.length === 1 ? rest.filter(isBeside) : [];
  const done = new Set([first, ...beside].map((one) => doneWords(one, format)));
  return {
    ...tellExplanation(first, unit, format),
    sentence: VERDICT_WORDS.explained([...done].join(", or "), figureIn(first.value, unit, format)),
    others: rest.filter((one) => !beside.includes(one)),
  };
}

function doneWords({ slips }: Explanation, format: AnswerFormat): string {
  return slips.map((slip) => slip.done(format)).join(", and ");
}

function figureIn(value: number, unit: Answer["unit"], format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(value, format);
    case "percent":
      return writeRate(value, format);
    case "payments":
      return `${writeFigure(value, format)} payments`;
    case "years":
      return `${writeFigure(value, format)} years`;
  }
}

/** The sentence for a correct answer, by the form in which it is correct. */
export function tellRight(as: RightAs): string {
  return VERDICT_WORDS.right[as];
}

/** The sentence for an answer that is correct from one's own earlier ones. */
export function tellThrough({ labels, wrong }: Through): string {
  const named = (wrong.length === 0 ? labels : wrong).map((label) => `(${label})`).join(" and ");
  return VERDICT_WORDS.through(named, wrong.length === 0);
}

/** The first step at which the correct and the mistaken workings differ. */
export interface Parting {
  /** From 0, among all steps. */
  readonly index: number;
  readonly right: Step;
  readonly wrong: Step;
}

/** The first step at which the workings of a slip differ from the correct ones; `null` if there is none. */
export function partingOf(problem: Problem, slipped: Problem): Parting | null {
  const [one, other] = [solve(problem), solve(slipped)];
  if (!one.ok || !other.ok) return null;
  const right = workings(one.value).steps;
  const wrong = workings(other.value).steps;
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

/** The place of a step among the steps of its kind. */
function nth(steps: readonly Step[], index: number): number {
  const kind = steps[index]?.kind;
  return steps.slice(0, index).filter((step) => step.kind === kind).length;
}
