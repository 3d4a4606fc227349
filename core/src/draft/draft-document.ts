import { readVersioned, type VersionedDocument } from "../documents/versioned-document";
import { schemaIssues } from "../problem/schema-issues";
import { fail, succeed, type Result } from "../result";
import { draftSchema, type Draft } from "./draft";
import { namesOf } from "../input/names";
import { lineOfFlow, namedFlow } from "./lines/line-kinds";
import { writeAsk, writeRate } from "./write-draft";

/** The draft document and its history: see `problemFile` for how a version is added. */
const draftDocument: VersionedDocument<Draft> = {
  format: "kestrelmoor-draft",
  version: 2,
  migrations: {
    // Version 2 has lines for every kind of flow; what version 1 kept for lack of one becomes a line below.
    1: (document) => document,
  },
  validate: (document) => {
    const parsed = draftSchema.safeParse(document, { reportInput: true });
    return parsed.success
      ? succeed(withLines(parsed.data))
      : fail(...schemaIssues(draftSchema, parsed.error.issues));
  },
};

/** Puts what is kept as the file had it on lines, where there are lines for it now. */
function withLines(draft: Draft): Draft {
  const names = namesOf(draft.flows.map(namedFlow));
  return {
    ...draft,
    rates: draft.rates.map((line, index) =>
      line.kind === "kept" ? { ...writeRate(line.rate, index, names), id: line.id } : line,
    ),
    flows: draft.flows.map((line) => (line.kind === "kept" ? lineOfFlow(line.flow, names) : line)),
    ask: draft.ask?.kind === "kept" ? writeAsk(draft.ask.ask, names) : draft.ask,
  };
}

/** Reads a draft of any released version from parsed JSON. */
export function parseDraft(raw: unknown): Result<Draft> {
  return readVersioned(draftDocument, raw);
}
