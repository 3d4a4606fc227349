import type { Problem } from "../problem/schema";
import type { Solution } from "../solve/solution";
import { answerSentence } from "../wording/answer-sentence";
import { equationSteps } from "./equation/equation-steps";
import { lumpSumOf } from "./lump-sum/lump-sum";
import { lumpSumSteps } from "./lump-sum/lump-sum-steps";
import { isAllSingles } from "./singles";
import type { Step } from "./step";

/**
 * The workings of a solved problem, from what is given to the rounded answer in a sentence, with this
 * problem's own numbers. Two amounts under one rate are worked by the textbook's formula, everything
 * else by the equation of value.
 *
 * @param problem the problem that was solved
 * @param solution what `solve` found for it
 * @returns the steps in order; money in the problem's currency, rates as decimals in `value`; `null`
 *   where there are payments or lists, which are not written out yet
 */
export function workings(problem: Problem, solution: Solution): Step[] | null {
  if (!isAllSingles(solution)) return null;
  const lump = lumpSumOf(problem, solution);
  const steps =
    lump === null ? equationSteps(problem, solution) : lumpSumSteps(problem, solution, lump);
  const { lead, value, rest } = answerSentence(problem, solution);
  // "It takes 20.58 years, that is …", but "The rate is 5 % a year".
  const separator = rest === "" ? "" : rest.startsWith("that is") ? ", " : " ";
  return [
    // A step without mathematics of its own says nothing, unless its sentence is the point.
    ...steps.filter(({ latex, kind }) => latex.length > 0 || kind === "rearranged"),
    {
      kind: "answer",
      say: `${lead} ${value}${separator}${rest}.`,
      latex: [],
      value: solution.answers[0].value,
    },
  ];
}
