import { readProblem, type Problem } from "@kestrelmoor/core";
import {
  parseDraft,
  problemCard,
  readDraft,
  writeDraft,
  type Draft,
  type ProblemCard,
} from "@kestrelmoor/core/typing";
import { storable } from "../db/storable";
import { invalidDocument, Refusal } from "../http/refusal";

/** A draft as it is saved, and what is made of it. */
export interface PreparedSave {
  readonly draft: Draft;
  readonly card: ProblemCard;
  readonly problem: Problem | null;
}

/**
 * Reads the body of a save: a draft as typed, or a problem file from which one is written. Either may be of any
 * released version. What stops its reader is refused before anything is stored.
 */
export function prepareSave(body: unknown): PreparedSave {
  const draft = readSaveRequest(body);
  const reading = readDraft(draft);
  return { draft, card: problemCard(draft, reading), problem: reading.problem };
}

function readSaveRequest(body: unknown): Draft {
  const fields = typeof body === "object" && body !== null ? Object.keys(body) : [];
  const [field] = fields;
  if (fields.length !== 1 || (field !== "draft" && field !== "problem")) {
    throw new Refusal(
      422,
      "request-invalid",
      'Send either { "draft": … } with the texts as typed, or { "problem": … } with a problem file.',
    );
  }
  const document = (body as Record<string, unknown>)[field];
  const read = field === "draft" ? parseDraft(document) : readProblem(document);
  if (!read.ok) {
    throw invalidDocument(read.issues.map((found) => ({ ...found, path: [field, ...found.path] })));
  }
  const draft = read.value.format === "kestrelmoor-draft" ? read.value : writeDraft(read.value);
  return storable(draft);
}
