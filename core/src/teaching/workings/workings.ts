import { lastSentence } from "../../wording/teaching/last-sentence";
import { USUAL_FORMAT, type AnswerFormat } from "../../wording/answer-format";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import type { UnknownKind } from "../../engine/fields/figure";
import { beyondNumbers, canBeWritten } from "./can-be-written";
import { compose, type Composition } from "./compose/composition";
import { givenStep } from "./compose/given";
import { Sheet } from "./compose/sheet";
import type { Quantity } from "./mathematics/expression";
import { UNROUNDED, type Rounding } from "./mathematics/figures";
import { roundingStep } from "./rounding-step";
import type { BalanceMethod, Level } from "../../wording/workings-style";
import { stepsAt } from "./steps";
import type { Step } from "./step";
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
  /** How the balances of follow-up questions are found. */
  readonly balances?: BalanceMethod | undefined;
  /** The focal date, in years from today; `null` for the one that a teacher takes. */
  readonly focal?: number | null;
}

/** The workings of an answer, from the given values to a sentence. */
export interface Workings {
  readonly steps: readonly Step[];
  /** Every quantity of the steps, in the order of calculation. */
  readonly quantities: readonly Quantity[];
  /** The unknown, with its value. */
  readonly result: Quantity;
}

/** The steps for each kind of unknown. */
const STEPS_FOR: Readonly<Record<UnknownKind, (composition: Composition) => Step[]>> = {
  amount: amountSteps,
  value: worthSteps,
  percent: rateSteps,
  growth: growthSteps,
  count: countSteps,
  at: dateSteps,
  begins: dateSteps,
};

/**
 * The workings of a solved problem, with its own numbers: the given values, the focal date, the conversions,
 * the value of each flow, the equation, its rearrangement and the answer. They are composed from the flows and
 * rates of the problem, not from a template for each problem type.
 *
 * @param solved as `solve` found it
 * @returns the steps in order; money in the problem's currency, rates as decimals
 * Accuracy: the last `value` that finds the unknown agrees with the engine's answer to a relative 1e-9, unless
 *   intermediate values are rounded. Numbers are written with 12 digits.
 * Source: Kellison, The Theory of Interest, ch. 1 to 4
 */
export function workings(
  solved: SolvedProblem,
  {
    level = "every-step",
    rounding = UNROUNDED,
    format = USUAL_FORMAT,
    focal = null,
  }: WorkingsOptions = {},
): Workings {
  const sheet = new Sheet(rounding, "q", format);
  const { value: made, conversions } = sheet.record(() => {
    const composition = compose(solved, sheet, false, focal);
    return { composition, steps: STEPS_FOR[solved.unknown.kind](composition) };
  });
  const { composition, steps } = made;
  const given = givenStep(composition);
  const answer = {
    kind: "answer" as const,
    level: "short" as const,
    say: lastSentence(solved, format),
    lines: [],
    value: solved.answers[0].value,
  };
  const all = [
    given,
    ...conversions,
    ...steps,
    ...roundingStep(
      Math.abs(steps.findLast(({ kind }) => kind === "value")?.value ?? NaN),
      Math.abs(solved.answers[0].value),
      rounding,
      format,
    ),
    answer,
  ];
  sheet.numberLetters();
  const result = steps.findLast(({ finds }) => finds !== undefined)?.finds;
  if (result === undefined) throw new TypeError("Workings find the unknown");
  const { quantities } = sheet;
  const shown = canBeWritten(all, quantities) ? all : [given, beyondNumbers(answer.value), answer];
  return {
    result,
    steps: stepsAt(level, shown),
    quantities,
  };
}
