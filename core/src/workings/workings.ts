import type { Problem } from "../problem/schema";
import { answerText } from "../wording/answer-sentence";
import { USUAL_FORMAT, type AnswerFormat } from "../wording/answer-format";
import type { Solution } from "../solve/solution";
import type { Unknown } from "../problem/unknown";
import { compose, type Composition } from "./compose/composition";
import { givenStep } from "./compose/given";
import { Sheet } from "./compose/sheet";
import type { Quantity } from "./mathematics/expression";
import { UNROUNDED, type Rounding } from "./mathematics/figures";
import { roundingStep } from "./rounding-step";
import type { Level, Step } from "./step";
import { amountSteps } from "./unknown/amount";
import { countSteps } from "./unknown/count/count";
import { dateSteps } from "./unknown/date";
import { growthSteps } from "./unknown/growth";
import { rateSteps } from "./unknown/rate";
import { worthSteps } from "./unknown/worth";

export interface WorkingsOptions {
  readonly level?: Level;
  readonly rounding?: Rounding;
  readonly format?: AnswerFormat;
}

/** How an answer is got, from what is given to a sentence. */
export interface Workings {
  readonly steps: readonly Step[];
  /** Everything that the steps reckon with, in the order in which it is made. */
  readonly quantities: readonly Quantity[];
  /** What is asked, found. */
  readonly result: Quantity;
}

/** The steps for each kind of unknown. */
const STEPS_FOR: Readonly<Record<Unknown["kind"], (composition: Composition) => Step[]>> = {
  amount: amountSteps,
  value: worthSteps,
  percent: rateSteps,
  growth: growthSteps,
  count: countSteps,
  at: dateSteps,
  begins: dateSteps,
};

/**
 * The workings of a solved problem, with this problem's own numbers: what is given, the balance in words,
 * the conversions, what each flow is worth, the equation, its rearrangement and the answer. They are
 * composed from the flows and rates that the problem has, never kept ready for a shape.
 *
 * @param problem the problem that was solved
 * @param solution what `solve` found for it
 * @returns the steps in order; money in the problem's currency, rates as decimals
 * Accuracy: `value` of the last step but the answer agrees with the engine's answer to a relative 1e-9,
 *   unless a rounding is asked for. Figures are written with 12 digits.
 * Source: Kellison, The Theory of Interest, ch. 1 to 4
 */
export function workings(
  problem: Problem,
  solution: Solution,
  { level = "every-step", rounding = UNROUNDED, format = USUAL_FORMAT }: WorkingsOptions = {},
): Workings {
  const composition = compose(problem, solution, new Sheet(rounding));
  const steps = STEPS_FOR[solution.unknown.kind](composition);
  const given = givenStep(composition);
  const all = [
    given,
    ...composition.takeConversions(),
    ...steps,
    ...roundingStep(
      Math.abs(steps.findLast(({ kind }) => kind === "value")?.value ?? NaN),
      Math.abs(solution.answers[0].value),
      rounding,
    ),
    {
      kind: "answer" as const,
      level: "short" as const,
      say: answerText(problem, solution, format),
      lines: [],
      value: solution.answers[0].value,
    },
  ];
  composition.sheet.numberLetters();
  const result = steps.findLast(({ finds }) => finds !== undefined)?.finds;
  if (result === undefined) throw new TypeError("Workings arrive at what is asked");
  return {
    result,
    steps: all.filter((step) => level === "every-step" || step.level === "short"),
    quantities: composition.sheet.quantities,
  };
}
