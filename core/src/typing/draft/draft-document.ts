import { readVersioned, type VersionedDocument } from "../../engine/documents/versioned-document";
import { schemaIssues } from "../../engine/problem/schema-issues";
import { fail, succeed, type Result } from "../../engine/result";
import { compoundedByFile } from "./compounding/compounding-question";
import { usualCompounding } from "./compounding/payment-periods";
import {
  DRAFT_VERSION,
  draftSchema,
  FIRST_PART,
  flowLineSchema,
  NO_COMPARISON,
  PLAIN_APPRAISAL,
  PLAIN_HAND_IN,
  type Draft,
  type LaterPart,
} from "./draft";
import { USUAL_CONVENTIONS } from "./conventions";
import { PLAIN_SCHEDULE } from "./draft-schedule";
import { namesOf } from "../input/names";
import { lineOfFlow, namedFlow } from "./lines/line-kinds";
import { writeFollowUp } from "./write/write-follow-up";
import { writeAsk, writeRate } from "./write-draft";

/** The draft document and its history: see `problemFile` for how a version is added. */
const draftDocument: VersionedDocument<Draft> = {
  format: "kestrelmoor-draft",
  version: DRAFT_VERSION,
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
    // Version 6 knows who said how interest is compounded and what stood where the unknown is, and asks about a
    // bare rate below 1.
    5: asVersion6,
    // Version 7 keeps actual payments, how its workings are written and what its hand-in sheet has.
    6: ({ schedule, ...document }) => ({
      ...document,
      schedule: { ...(isObject(schedule) ? schedule : PLAIN_SCHEDULE), actual: null },
      confirmed: [],
      workings: null,
      handIn: PLAIN_HAND_IN,
    }),
    // Version 8 may have dates, a focal date and the conventions of a course.
    7: (document) => ({ ...document, today: null, focal: null, conventions: USUAL_CONVENTIONS }),
    // Version 9 may have parts after the first.
    8: (document) => ({ ...document, part: FIRST_PART, later: [] }),
  },
  validate: (document) => {
    const parsed = draftSchema.safeParse(document, { reportInput: true });
    return parsed.success
      ? succeed(withLines(parsed.data))
      : fail(...schemaIssues(draftSchema, parsed.error.issues));
  },
};

type AnyLine = Readonly<Record<string, unknown>>;

function linesOf(part: unknown): AnyLine[] {
  return Array.isArray(part) ? part.filter(isObject) : [];
}

function isObject(part: unknown): part is AnyLine {
  return typeof part === "object" && part !== null;
}

/** A saved problem keeps its compounding; only one that its payments have too may be nobody's word. */
function asVersion6(document: Record<string, unknown>): Record<string, unknown> {
  const flows = linesOf(document["flows"]).flatMap((line) => {
    const parsed = flowLineSchema.safeParse(line);
    return parsed.success ? [parsed.data] : [];
  });
  const usual = usualCompounding(flows);
  return {
    ...document,
    typedBefore: [],
    rates: linesOf(document["rates"]).map((line) => {
      if (line["kind"] !== "rate") return line;
      const { percent, quoted, compounding } = line;
      return {
        ...line,
        percent: withPercentSign(percent),
        compoundedBy: compoundedByFile(
          { quoted: String(quoted), compounding: String(compounding) },
          usual,
        ),
      };
    }),
    variants: linesOf(document["variants"]).map((variant) => ({
      ...variant,
      changes: linesOf(variant["changes"]).map((change) =>
        change["fact"] === "percent"
          ? { ...change, text: withPercentSign(change["text"]) }
          : change,
      ),
    })),
    flows: linesOf(document["flows"]).map((line) => {
      const { growth } = line;
      if (typeof growth !== "object" || growth === null) return line;
      const by = "by" in growth ? growth.by : null;
      const figure = "figure" in growth ? growth.figure : null;
      return by === "percent"
        ? { ...line, growth: { ...growth, figure: withPercentSign(figure) } }
        : line;
    }),
  };
}

/** A bare `0.5` was read as 0.5%, and still is. */
function withPercentSign(text: unknown): unknown {
  return typeof text === "string" && /^\s*[-−–+]?0?\.\d+\s*$/.test(text) ? `${text.trim()}%` : text;
}

/** Puts what is kept as the file had it on lines, where there are lines for it now. */
function withLines(draft: Draft): Draft {
  return { ...withOwnLines(draft), later: draft.later.map((part) => withOwnLines(part)) };
}

function withOwnLines<Part extends LaterPart>(draft: Part): Part {
  // What an old draft kept as it was has no dates but those of lists.
  const names = namesOf(draft.flows.map(namedFlow));
  const usual = usualCompounding(draft.flows);
  return {
    ...draft,
    rates: draft.rates.map((line, index) =>
      line.kind === "kept" ? { ...writeRate(line.rate, index, names, usual), id: line.id } : line,
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
