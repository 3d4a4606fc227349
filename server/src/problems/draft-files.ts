import type { Problem, QuestionFile } from "@kestrelmoor/core";
import { writeQuestion, type Draft, type PartReading } from "@kestrelmoor/core/typing";

/** The file that a draft makes up, once every field can be read: of one problem, or of a question with parts. */
export interface DraftFiles {
  readonly problem: Problem | null;
  readonly question: QuestionFile | null;
}

export function filesOf(draft: Draft, parts: readonly PartReading[]): DraftFiles {
  const [first, ...later] = parts;
  return later.length > 0
    ? { problem: null, question: writeQuestion(draft) }
    : { problem: first?.problem ?? null, question: null };
}
