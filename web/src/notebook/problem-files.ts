import {
  LIMITS,
  PROBLEM_FILE_EXTENSION,
  PROBLEM_MEDIA_TYPE,
  QUESTION_FILE_EXTENSION,
  QUESTION_MEDIA_TYPE,
  sentenceOf,
  writeProblemText,
  writeQuestionText,
  type Issue,
  type Problem,
  type QuestionFile,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { draftOfFile, type Draft } from "@kestrelmoor/core/typing";
import { fileNameOf, saveAsFile } from "../ui/save-as-file";

export type OpenedFile =
  | { readonly ok: true; readonly draft: Draft }
  | { readonly ok: false; readonly sentences: readonly string[] };

/** How many of a file's faults are told at once. */
const MOST_SENTENCES = 5;

/** Reads a problem or question file that a person has chosen; the file itself is never changed. */
export async function openProblemFile(file: File, format: AnswerFormat): Promise<OpenedFile> {
  // A film chosen by mistake is refused by its size, before it is read.
  if (file.size > LIMITS.fileBytes) {
    const issue = { code: "file-too-large", path: [], limit: LIMITS.fileBytes } as const;
    return { ok: false, sentences: [sentenceOf(issue, format)] };
  }
  const read = draftOfFile(await file.text());
  if (read.ok) return { ok: true, draft: read.value };
  const told = read.issues.slice(0, MOST_SENTENCES).map((issue) => placed(issue, format));
  const more = read.issues.length - told.length;
  return {
    ok: false,
    sentences: more > 0 ? [...told, `And ${more} more like these.`] : told,
  };
}

function placed(issue: Issue, format: AnswerFormat): string {
  const sentence = sentenceOf(issue, format);
  const isAboutWhole = issue.path.length === 0 || issue.code.startsWith("file-");
  return isAboutWhole ? sentence : `At ${issue.path.join(" › ")}: ${sentence}`;
}

/** Hands a question of several parts to the browser as a file to keep. */
export function saveQuestionFile(question: QuestionFile, title: string): void {
  saveAsFile(
    fileNameOf(title, QUESTION_FILE_EXTENSION),
    writeQuestionText(question),
    QUESTION_MEDIA_TYPE,
  );
}

/** Hands a problem to the browser as a file to keep. */
export function saveProblemFile(problem: Problem, title: string): void {
  saveAsFile(
    fileNameOf(title, PROBLEM_FILE_EXTENSION),
    writeProblemText(problem),
    PROBLEM_MEDIA_TYPE,
  );
}
