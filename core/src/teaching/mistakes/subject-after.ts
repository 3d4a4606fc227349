import type { Problem } from "../../engine/problem/schema";
import { findRoots, questionOf, solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import type { Question } from "../../engine/solve/solver";
import type { Slip, Subject } from "./mistake";

export function questionAfter({ problem, bend }: Slip, before: Problem): Question | null {
  const question = questionOf(problem ?? before);
  if (!question.ok) return null;
  return bend === undefined
    ? question.value
    : { ...question.value, timeline: bend(question.value.timeline) };
}

/** The problem as a student has it after one slip. */
export function subjectAfter(slip: Slip): Subject | null {
  const question = slip.problem === undefined ? null : questionAfter(slip, slip.problem);
  const roots = question === null ? null : findRoots(question);
  if (question === null || roots?.ok !== true) return null;
  const { problem, unknown } = question;
  const { answer } = roots.value.roots[0];
  // A fractional count may balance although its whole payments make no sense.
  if (unknown.kind === "count" && !solve(problem).ok) return null;
  return subjectOf(problem, unknown, answer, () => {
    const solved = solve(problem);
    if (!solved.ok) throw new TypeError("A problem with roots has a solution");
    return solved.value;
  });
}

export function subjectOf(
  problem: Problem,
  unknown: Subject["unknown"],
  { value, unit }: Answer,
  solutionOf: () => SolvedProblem,
  asked: Subject["asked"] = null,
): Subject {
  let solution: SolvedProblem | null = null;
  return {
    problem,
    unknown,
    unit,
    answer: value,
    asked,
    get solution() {
      return (solution ??= solutionOf());
    },
  };
}
