import { readProblem } from "@kestrelmoor/core";
import { parseDraft, writeDraft, type Draft } from "@kestrelmoor/core/typing";
import { storable } from "../db/storable";
import { invalidDocument, Refusal } from "../http/refusal";

/**
 * The draft in the body of a save: as typed, or written from a problem file. Either may be of any
 * released version.
 */
export function readSaveRequest(body: unknown): Draft {
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
