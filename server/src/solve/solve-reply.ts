import type { QuestionSolution, SolutionReply, SolveReply } from "@kestrelmoor/contract";
import { isQuestionFile, solve, solveQuestion, type SolvedProblem } from "@kestrelmoor/core";
import { readProblemIn, readQuestionIn } from "../http/read-body";
import { reportIssues, unsolvable } from "../http/refusal";

export function solveReply(body: unknown): SolveReply {
  if (isQuestionFile(body)) return questionReply(body);
  const solution = solve(readProblemIn(body));
  if (!solution.ok) throw unsolvable(solution.issues);
  return solutionReply(solution.value);
}

function questionReply(body: unknown): QuestionSolution {
  const parts = solveQuestion(readQuestionIn(body)).map(({ label, solved }) =>
    solved.ok
      ? { label, ...solutionReply(solved.value) }
      : { label, issues: reportIssues(solved.issues) },
  );
  return { parts };
}

function solutionReply({
  unknown,
  answers,
  completeness,
  also,
  facts,
}: SolvedProblem): SolutionReply {
  return { unknown: { path: unknown.path }, answers, completeness, also, facts };
}
