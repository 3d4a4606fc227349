import { USUAL_FORMAT, type AnswerFormat } from "../../wording/answer-format";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import { FORMULA_WORDS } from "../../wording/teaching/formula-words";
import { HINT_WORDS } from "../../wording/teaching/hint-words";
import { formulasOf } from "../formulas/formulas-of";
import type { Rounding } from "../workings/mathematics/figures";
import type { Line, Step, StepKind } from "../workings/step";
import { step } from "../workings/steps";
import { workings } from "../workings/workings";

/** How many hints there are, each of which says more than the one before. */
export const HINTS = 3;

export interface HintOptions {
  readonly rounding?: Rounding;
  readonly format?: AnswerFormat;
}

/**
 * Hints for somebody who wants to find the answer without seeing it: what to look at, the line of the workings, and the
 * line with its numbers. None of them has the answer.
 *
 * @param solved as `solve` found it
 * @returns steps as of workings, in the order in which they are asked for
 */
export function hintsFor(
  solved: SolvedProblem,
  { rounding, format = USUAL_FORMAT }: HintOptions = {},
): readonly (readonly Step[])[] {
  const options = { format, ...(rounding === undefined ? {} : { rounding }) };
  const short = workings(solved, { ...options, level: "short" }).steps;
  const every = workings(solved, { ...options, level: "every-step" }).steps;
  const isNumeric = short.some(({ kind }) => kind === "search");
  const line = formulaStep(short);
  const conversions = short.filter(({ kind }) => CONVERSIONS.has(kind));
  const numbers = isNumeric ? ofKind(every, "numbers") : numbersStep(short);
  return [
    [...ofKind(every, "balance-in-words"), step("term", "short", namesOf(solved))],
    line === undefined ? [] : [step("equation", "short", HINT_WORDS.line, ...line.lines)],
    [
      ...conversions,
      step(
        "numbers",
        "short",
        isNumeric ? HINT_WORDS.trials : HINT_WORDS.numbers,
        ...numbers.flatMap(({ lines }) => lines),
      ),
    ],
  ];
}

const CONVERSIONS: ReadonlySet<StepKind> = new Set(["rate-per-period", "number-of-periods"]);

function namesOf(solved: SolvedProblem): string {
  const { used } = formulasOf(solved);
  return HINT_WORDS.formulas(used.map(({ formula }) => FORMULA_WORDS[formula].name));
}

function ofKind(steps: readonly Step[], wanted: StepKind): Step[] {
  return steps.filter(({ kind }) => kind === wanted);
}

/** The formula for the unknown, or the equation of value where there is none. */
function formulaStep(short: readonly Step[]): Step | undefined {
  const first = short.findIndex(({ kind }) => kind === "numbers" || kind === "value");
  const before = first < 0 ? short : short.slice(0, first);
  return before.findLast(({ kind }) => kind === "rearranged" || kind === "equation");
}

/** The first line with numbers, without the result it comes to. */
function numbersStep(short: readonly Step[]): Step[] {
  const found = short.find(({ kind }) => kind === "numbers" || kind === "value");
  if (found === undefined) return [];
  const lines = found.lines.map((line) => (found.kind === "numbers" ? line : withoutResult(line)));
  return [{ ...found, lines }];
}

function withoutResult({ parts, note }: Line): Line {
  const shown = parts.length > 1 ? parts.slice(0, -1) : parts;
  return note === undefined ? { parts: shown } : { parts: shown, note };
}
