import * as z from "zod";
import type { VersionedDocument } from "../documents/versioned-document";
import { readVersioned } from "../documents/versioned-document";
import { LIMITS } from "../problem/limits";
import { problemSchema } from "../problem/schema";
import { schemaIssues } from "../problem/schema-issues";
import { fail, succeed, type Result } from "../result";

/**
 * A draft is a problem as a person has typed it so far: texts, not numbers, so that nothing typed is
 * ever lost, not even what cannot be read or is not finished. The problem file is read from it.
 * Parts of a file that no line can show yet are kept in it untouched.
 */

/** The longest text that one field keeps. */
export const LONGEST_FIELD = 200;

const typed = z.string().max(LONGEST_FIELD);
const { shape } = problemSchema;

const id = z.string().regex(/^[A-Za-z][A-Za-z0-9_-]{0,63}$/);

const quotationParts = {
  quoted: z.enum(["nominal", "effective", "periodic", "continuous"]),
  /** ISO 8601; used by `nominal` and `periodic`, remembered by the others. */
  compounding: z.string().max(60),
};

const rateLine = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("rate"),
    id,
    percent: typed,
    ...quotationParts,
    /** When it starts to hold; the first line's is not used. */
    from: typed,
  }),
  z.strictObject({ kind: z.literal("kept"), id, rate: shape.rates.element }),
]);

const flowLine = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("single"),
    id,
    label: z.string().max(LIMITS.labelLength),
    direction: z.enum(["in", "out"]),
    amount: typed,
    at: typed,
  }),
  z.strictObject({ kind: z.literal("kept"), id, flow: shape.flows.element }),
]);

const ask = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("worth"), at: typed }),
  z.strictObject({ kind: z.literal("kept"), ask: shape.ask.unwrap() }),
]);

export const draftSchema = z.strictObject({
  format: z.literal("kestrelmoor-draft"),
  version: z.literal(1),
  title: z.string().max(LIMITS.titleLength),
  question: z.string().max(LIMITS.questionLength),
  currency: shape.currency,
  rates: z.array(rateLine).min(1).max(LIMITS.rates),
  flows: z.array(flowLine).max(LIMITS.flows),
  ask: z.union([ask, z.null()]),
  also: shape.also,
});

export type Draft = z.infer<typeof draftSchema>;
export type RateLine = Draft["rates"][number];
export type FlowLine = Draft["flows"][number];
export type TypedRateLine = Extract<RateLine, { kind: "rate" }>;
export type SingleLine = Extract<FlowLine, { kind: "single" }>;

/** The draft document and its history: see `problemFile` for how a version is added. */
export const draftDocument: VersionedDocument<Draft> = {
  format: "kestrelmoor-draft",
  version: 1,
  migrations: {},
  validate: (document) => {
    const parsed = draftSchema.safeParse(document, { reportInput: true });
    return parsed.success
      ? succeed(parsed.data)
      : fail(...schemaIssues(draftSchema, parsed.error.issues));
  },
};

/** Reads a draft of any released version from parsed JSON. */
export function parseDraft(raw: unknown): Result<Draft> {
  return readVersioned(draftDocument, raw);
}
