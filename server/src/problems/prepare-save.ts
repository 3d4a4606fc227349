import { readProblem, readQuestion, succeed, type Result } from "@kestrelmoor/core";
import {
  draftOfQuestion,
  parseDraft,
  problemCard,
  readParts,
  writeDraft,
  type Draft,
  type ProblemCard,
} from "@kestrelmoor/core/typing";
import { storable } from "../db/storable";
import { filesOf, type DraftFiles } from "./draft-files";
import { invalidDocument, Refusal } from "../http/refusal";

/** A draft as it is saved, and what is made of it. */
export interface PreparedSave {
  readonly draft: Draft;
  readonly card: ProblemCard;
  readonly files: DraftFiles;
}

/**
 * Reads the body of a save: a draft as typed, or a problem or question file from which one is written. Each may be of
 * any released version. What stops its reader is refused before anything is stored.
 */
export function prepareSave(body: unknown): PreparedSave {
  const draft = readSaveRequest(body);
  const parts = readParts(draft);
  return { draft, card: problemCard(draft, parts), files: filesOf(draft, parts) };
}

function readSaveRequest(body: unknown): Draft {
  const fields = typeof body === "object" && body !== null ? Object.keys(body) : [];
  const [field] = fields;
  if (fields.length !== 1 || !isSaved(field)) {
    throw new Refusal(
      422,
      "request-invalid",
      'Send { "draft": … } with the texts as typed, { "problem": … } with a problem file, or { "question": … } with a question file.',
    );
  }
  const document = (body as Record<string, unknown>)[field];
  const read = READERS[field](document);
  if (!read.ok) {
    throw invalidDocument(read.issues.map((found) => ({ ...found, path: [field, ...found.path] })));
  }
  return storable(read.value);
}

/** What a save may hold, by its key, each read to a draft. */
const READERS = {
  draft: parseDraft,
  problem: (document: unknown) => written(readProblem(document), writeDraft),
  question: (document: unknown) => written(readQuestion(document), draftOfQuestion),
} as const satisfies Readonly<Record<string, (document: unknown) => Result<Draft>>>;

function written<File>(read: Result<File>, write: (file: File) => Draft): Result<Draft> {
  return read.ok ? succeed(write(read.value)) : read;
}

function isSaved(field: string | undefined): field is keyof typeof READERS {
  return field !== undefined && Object.hasOwn(READERS, field);
}
