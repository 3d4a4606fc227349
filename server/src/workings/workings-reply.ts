import {
  workingsOptions,
  type ProblemWorkings,
  type QuestionWorkings,
  type WorkingsReply,
} from "@kestrelmoor/contract";
import { solve, solveQuestion, type SolvedProblem } from "@kestrelmoor/core";
import {
  furtherWorkings,
  lineLatex,
  linePlain,
  workings,
  type Level,
  type Step,
} from "@kestrelmoor/core/teaching";
import { isAboutQuestion, readAboutProblem, readAboutQuestion } from "../http/read-body";
import { reportIssues, unsolvable } from "../http/refusal";

export function workingsReply(body: unknown): WorkingsReply {
  if (isAboutQuestion(body)) return questionReply(body);
  const { problem, asked } = readAboutProblem(workingsOptions, body);
  const solution = solve(problem);
  if (!solution.ok) throw unsolvable(solution.issues);
  return problemReply(solution.value, asked.level);
}

function questionReply(body: unknown): QuestionWorkings {
  const { question, asked } = readAboutQuestion(workingsOptions, body);
  const parts = solveQuestion(question).map(({ label, solved }) =>
    solved.ok
      ? { label, ...problemReply(solved.value, asked.level) }
      : { label, issues: reportIssues(solved.issues) },
  );
  return { parts };
}

function problemReply(solved: SolvedProblem, level: Level): ProblemWorkings {
  const own = workings(solved, { level });
  const further = furtherWorkings(solved, own, { level });
  return {
    steps: own.steps.map(replied),
    also: further.map((made) => (made === null ? null : { steps: made.steps.map(replied) })),
  };
}

function replied({ kind, say, lines, table, value }: Step): ProblemWorkings["steps"][number] {
  const formulas = lines.filter(({ parts }) => parts.length > 0);
  return {
    kind,
    say,
    latex: formulas.map((line) => lineLatex(line)),
    plain: formulas.map((line) => linePlain(line)),
    ...(table === undefined ? {} : { table }),
    ...(value === undefined ? {} : { value }),
  };
}
