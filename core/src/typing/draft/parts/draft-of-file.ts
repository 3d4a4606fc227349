import { readJsonText, readProblem } from "../../../engine/problem/problem-file";
import { isQuestionFile, readQuestion } from "../../../engine/question/question-file";
import { succeed, type Result } from "../../../engine/result";
import type { Draft } from "../draft";
import { writeDraft } from "../write-draft";
import { draftOfQuestion } from "./question-draft";

/**
 * Puts the text of a file into fields, be it a problem or a question of several parts.
 *
 * @returns fails as `readProblemText` and `readQuestion` do
 */
export function draftOfFile(text: string): Result<Draft> {
  const raw = readJsonText(text);
  if (!raw.ok) return raw;
  if (isQuestionFile(raw.value)) {
    const question = readQuestion(raw.value);
    return question.ok ? succeed(draftOfQuestion(question.value)) : question;
  }
  const problem = readProblem(raw.value);
  return problem.ok ? succeed(writeDraft(problem.value)) : problem;
}
