import { readVersioned, type VersionedDocument } from "../documents/versioned-document";
import { schemaIssues } from "../problem/schema-issues";
import { fail, succeed, type Result } from "../result";
import { draftSchema, NO_COMPARISON, PLAIN_APPRAISAL, PLAIN_SCHEDULE, type Draft } from "./draft";
import { namesOf } from "../input/names";
import { lineOfFlow, namedFlow } from "./lines/line-kinds";
import { writeFollowUp } from "./write/write-follow-up";
import { writeAsk, writeRate } from "./write-draft";

/** The draft document and its history: see `problemFile` for how a version is added. */
const draftDocument: VersionedDocument<Draft> = {
  format: "kestrelmoor-draft",
  version: 5,
  migrations: {
    // Version 2 has lines for every kind of flow; what version 1 kept for lack of one becomes a line below.
    1: (document) => document,
    // Version 3 has its follow-up questions typed, and holds side sums, variants and an answer format.
    2: ({ also, ...document }) => ({
      ...document,
      also: (Array.isArray(also) ? also : []).map((question: unknown, index) => ({
        kind: "kept",
        id: `also-${index + 1}`,
        question,
      })),
      sums: [],
      variants: [],
      answerFormat: null,
    }),
    // Version 4 keeps how its schedule is counted and what is changed about it, and offers of other loans.
    3: (document) => ({ ...document, schedule: PLAIN_SCHEDULE, comparison: NO_COMPARISON }),
    // Version 5 keeps what a project is judged by, and others beside it.
    4: (document) => ({ ...document, appraisal: PLAIN_APPRAISAL }),
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
    also: draft.also.map((line) =>
      line.kind === "kept" ? writeFollowUp(line.question, line.id, names) : line,
    ),
  };
}

/** Reads a draft of any released version from parsed JSON. */
export function parseDraft(raw: unknown): Result<Draft> {
  return readVersioned(draftDocument, raw);
}
