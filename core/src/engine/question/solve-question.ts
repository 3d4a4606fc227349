import { within, issue, type Issue } from "../issues/issue";
import { roundDecimal } from "../numbers/round-decimal";
import { readProblem } from "../problem/problem-file";
import type { Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { answeredWith } from "../solve/answered-with";
import type { Answer } from "../solve/solution";
import type { SolvedProblem } from "../solve/solved-problem";
import { solve } from "../solve/solve";
import { isoYears } from "../time/moment";
import { isTimeAt, withReferences, type AnswerOf, type Reference } from "./answer-of";
import type { QuestionFile } from "./question-file";

/** A part of a question, and what became of it. */
export interface SolvedPart {
  readonly label: string;
  /** Its problem with the numbers in the places of its references; `null` while it waits for one. */
  readonly problem: Problem | null;
  readonly solved: Result<SolvedProblem>;
}

/**
 * Solves the parts of a question in their order, each with the answers of those before it.
 *
 * @param question as returned by `readQuestion`
 * @param claims what somebody has for the answers of some parts, by their labels: the parts after them take that up
 * @returns one for each part. A part whose source has no answer waits for it (`part-waits`); one that takes up one of
 *   several answers must say which (`part-answers-several`); otherwise its issues are those of `solve`, with their
 *   path in the problem of the part.
 * Accuracy: as `solve`; an answer is handed on with every digit, unless it is to be rounded.
 */
export function solveQuestion(
  { parts }: Pick<QuestionFile, "parts">,
  claims: ReadonlyMap<string, number> = new Map(),
): SolvedPart[] {
  const before: SolvedPart[] = [];
  for (const { label, problem } of parts) {
    const settled = settlePart(problem, before);
    const solved = settled.ok ? solve(settled.value) : settled;
    const claim = claims.get(label);
    before.push({
      label,
      problem: settled.ok ? settled.value : null,
      solved: claim === undefined ? solved : asClaimed(solved, claim),
    });
  }
  return before;
}

function asClaimed(solved: Result<SolvedProblem>, claim: number): Result<SolvedProblem> {
  const other = solved.ok ? answeredWith(solved.value, claim) : null;
  return other === null ? solved : succeed(other);
}

/**
 * The problem of a part with the answers of earlier parts put in.
 *
 * @param before the parts before it
 * @returns fails with `part-waits`, `part-answers-several`, `part-solution-missing`, `part-follow-up-without-answer`,
 *   or the issues of the problem file where a number does not fit its place
 */
export function settlePart(problem: unknown, before: readonly SolvedPart[]): Result<Problem> {
  const issues: Issue[] = [];
  const settled = withReferences(problem, (reference) => {
    const number = numberFor(reference, before);
    if (number.ok) return isTimeAt(reference.path) ? isoYears(number.value) : number.value;
    issues.push(...number.issues.map((found) => within(reference.path, found)));
    return null;
  });
  return issues.length > 0 ? fail(...issues) : readProblem(settled);
}

function numberFor({ raw }: Reference, before: readonly SolvedPart[]): Result<number> {
  // What a reference says has been checked when the question was read.
  const reference = raw as AnswerOf;
  const { answerOf: label, rounded, times = 1, plus = 0 } = reference;
  const source = before.find((part) => part.label === label);
  if (source?.solved.ok !== true) return fail(issue("part-waits", [], { label }));
  const taken = takenFrom(source.solved.value, reference);
  if (!taken.ok) return taken;
  const exact = rounded === undefined ? taken.value : Number(roundDecimal(taken.value, rounded));
  return succeed(exact * times + plus);
}

/** The number that a reference takes up, before it is rounded. Which way money goes, the line says that takes it. */
function takenFrom(
  { answers, also }: SolvedProblem,
  { answerOf: label, also: follow, which }: AnswerOf,
): Result<number> {
  if (follow !== undefined) {
    const answer = also[follow];
    return answer === undefined || answer === null
      ? fail(issue("part-follow-up-without-answer", [], { label, follow }))
      : succeed(Math.abs(answer));
  }
  if (which === undefined && answers.length > 1) {
    return fail(issue("part-answers-several", [], { label, answers: answers.map(valueOf) }));
  }
  const answer = answers[which ?? 0];
  return answer === undefined
    ? fail(issue("part-solution-missing", [], { label, count: answers.length }))
    : succeed(answer.unit === "money" ? Math.abs(answer.value) : answer.value);
}

function valueOf({ value }: Answer): number {
  return value;
}
