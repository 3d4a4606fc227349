import * as z from "zod";
import { LIMITS } from "../../engine/problem/limits";
import { conventionsSchema, USUAL_CONVENTIONS } from "./conventions";
import { problemSchema } from "../../engine/problem/schema";
import { partLabelSchema } from "../../engine/question/answer-of";
import { QUOTATION_KINDS } from "../../engine/rates/quotation";
import { answerFormatSchema } from "../../wording/answer-format";
import { workingsStyleSchema } from "../../wording/workings-style";
import { JUDGING_FIELDS, PROJECT_FIELDS } from "./appraisal/project-fields";
import { firstTexts, textsSchema } from "./entries/entry-field";
import { COMPARISON_FIELDS, OFFER_FIELDS } from "./offers/offer-fields";
import { lineSchema } from "./fields/line-schema";
import { id, typed, typedList } from "./draft-texts";
import { PLAIN_SCHEDULE, scheduleSchema } from "./draft-schedule";

/**
 * A draft is a problem as a person has typed it so far: texts, not numbers, so that nothing typed is
 * ever lost, not even what cannot be read or is not finished. The problem file is read from it.
 * What of a file no line can show yet is kept in it untouched.
 *
 * Its lines are those of the first part of a question, for nearly every question has no other; `later` has the
 * parts after it.
 */

/** Of the document that this program writes; see `draft-document.ts` for its history. */
export const DRAFT_VERSION = 9;
export const MOST_SIDE_SUMS = 30;
export const MOST_VARIANTS = 24;
export const MOST_TYPED_BEFORE = 200;
export const MOST_OFFERS = 5;
export const MOST_OTHER_PROJECTS = 5;

const { shape } = problemSchema;

const quotationParts = {
  quoted: z.enum(QUOTATION_KINDS),
  /** ISO 8601; used by those that have one, remembered by the others. */
  compounding: z.string().max(60),
  /**
   * What says how often interest is compounded: nobody yet, so it follows how often money is paid (`payments`);
   * the person (`words`); or the problem as it was opened (`before`), which is asked about once the two differ.
   */
  compoundedBy: z.enum(["payments", "words", "before"]),
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

export const flowLineSchema = z.discriminatedUnion("kind", [
  lineSchema("single"),
  lineSchema("stream"),
  lineSchema("list"),
  lineSchema("dated"),
  z.strictObject({ kind: z.literal("kept"), id, flow: shape.flows.element }),
]);

const ask = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("worth"), at: typed }),
  z.strictObject({ kind: z.literal("kept"), ask: shape.ask.unwrap() }),
]);

/** A question that reads the same timeline once the unknown is known. */
export const followUpLineSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("balance"), id, at: typed }),
  z.strictObject({ kind: z.literal("value"), id, at: typed }),
  /** Over which time, as one says it: "year 3". */
  z.strictObject({ kind: z.literal("interest"), id, over: typed }),
  z.strictObject({ kind: z.literal("principal"), id, over: typed }),
  /** Of one flow, or of everything in or out. */
  z.strictObject({ kind: z.literal("total"), id, of: z.string().max(64) }),
  z.strictObject({ kind: z.literal("kept"), id, question: shape.also.unwrap().element }),
]);

/** A line of ordinary arithmetic with the answer and what goes with it. */
const sideSum = z.strictObject({ id, text: typed });

/** One fact that a variant has otherwise, by the line that it stands on and the fact's name there. */
const change = z.strictObject({ line: id, fact: z.string().max(40), text: typedList });

/** A second telling of the problem that holds only what differs. */
const variant = z.strictObject({
  id,
  name: z.string().max(LIMITS.labelLength),
  changes: z.array(change).max(LIMITS.flows),
});

const name = z.string().max(LIMITS.labelLength);

/** Other loans to compare with, and for how long they are held before they are paid off. */
const comparison = z.strictObject({
  ...textsSchema(COMPARISON_FIELDS),
  offers: z.array(z.strictObject({ id, name, ...textsSchema(OFFER_FIELDS) })).max(MOST_OFFERS),
});

/** How the project of the problem is judged, and others beside it. */
const appraisal = z.strictObject({
  ...textsSchema(JUDGING_FIELDS),
  others: z
    .array(z.strictObject({ id, name, ...textsSchema(PROJECT_FIELDS) }))
    .max(MOST_OTHER_PROJECTS),
});

/** What was typed in a field before it became the unknown: it comes back if the unknown moves on. */
const typedBefore = z.strictObject({ line: id, field: z.string().max(60), text: typedList });

/** What the parts of a question share. */
const sharedShape = {
  title: z.string().max(LIMITS.titleLength),
  question: z.string().max(LIMITS.questionLength),
  currency: shape.currency,
  /** How the workings are written; `null` for the way in which this person always has them. */
  workings: z.union([workingsStyleSchema, z.null()]),
  /** What the hand-in sheet has beside the problem itself. */
  handIn: z.strictObject({ variants: z.boolean(), projects: z.boolean() }),
  /** How the answer is written; `null` for the way in which this person always has it. */
  answerFormat: z.union([answerFormatSchema, z.null()]),
};

/** What each part of a question has for itself. */
const ownShape = {
  /** "a", and a name if the part has one: "Payment after the renewal". */
  part: z.strictObject({ label: partLabelSchema, name }),
  /** The date of today as it was typed; `null` where today has none. */
  today: z.union([typed, z.null()]),
  /** The focal date as it was typed; `null` for the usual one. */
  focal: z.union([typed, z.null()]),
  conventions: conventionsSchema,
  rates: z.array(rateLine).min(1).max(LIMITS.rates),
  flows: z.array(flowLineSchema).max(LIMITS.flows),
  ask: z.union([ask, z.null()]),
  also: z.array(followUpLineSchema).max(LIMITS.followUps),
  typedBefore: z.array(typedBefore).max(MOST_TYPED_BEFORE),
  sums: z.array(sideSum).max(MOST_SIDE_SUMS),
  variants: z.array(variant).max(MOST_VARIANTS),
  schedule: scheduleSchema,
  comparison,
  appraisal,
  /** Lines that were asked about and kept: amounts at the end of payments, a second rate under one payment. */
  confirmed: z.array(id).max(LIMITS.flows),
};

export const SHARED_FIELDS = Object.keys(sharedShape) as readonly (keyof typeof sharedShape)[];
export const OWN_FIELDS = Object.keys(ownShape) as readonly (keyof typeof ownShape)[];

export const draftSchema = z.strictObject({
  format: z.literal("kestrelmoor-draft"),
  version: z.literal(DRAFT_VERSION),
  ...sharedShape,
  ...ownShape,
  later: z.array(z.strictObject(ownShape)).max(LIMITS.parts - 1),
});

export type Draft = z.infer<typeof draftSchema>;
/** A part of a question after the first, with what it has for itself. */
export type LaterPart = Draft["later"][number];
export type Conventions = Draft["conventions"];
export type RateLine = Draft["rates"][number];
export type FlowLine = Draft["flows"][number];
export type FollowUpLine = Draft["also"][number];
export type SideSum = Draft["sums"][number];
export type Variant = Draft["variants"][number];
export type ActualPayments = NonNullable<Draft["schedule"]["actual"]>;
export type Offer = Draft["comparison"]["offers"][number];
export type OtherProject = Draft["appraisal"]["others"][number];
export type VariantChange = Variant["changes"][number];
export type TypedRateLine = Extract<RateLine, { kind: "rate" }>;
export type LineOf<Kind extends FlowLine["kind"]> = Extract<FlowLine, { kind: Kind }>;
export type SingleLine = LineOf<"single">;
export type StreamLine = LineOf<"stream">;
export type ListLine = LineOf<"list">;
export type DatedLine = LineOf<"dated">;

/** No other loans to compare with. */
export const NO_COMPARISON: Draft["comparison"] = {
  ...firstTexts(COMPARISON_FIELDS),
  offers: [],
};

/** Measured by its own rate, and no other projects beside it. */
export const PLAIN_APPRAISAL: Draft["appraisal"] = {
  ...firstTexts(JUDGING_FIELDS),
  others: [],
};

/** The problem itself, and nothing beside it. */
export const PLAIN_HAND_IN: Draft["handIn"] = { variants: false, projects: false };

/** What the first part is called; of a question without others nobody reads it. */
export const FIRST_PART: Draft["part"] = { label: "a", name: "" };

/** What every draft starts from: nothing said yet. */
export const BLANK_DRAFT: Draft = {
  format: "kestrelmoor-draft",
  version: DRAFT_VERSION,
  title: "",
  question: "",
  part: FIRST_PART,
  today: null,
  focal: null,
  conventions: USUAL_CONVENTIONS,
  rates: [],
  flows: [],
  ask: null,
  also: [],
  typedBefore: [],
  sums: [],
  variants: [],
  schedule: PLAIN_SCHEDULE,
  comparison: NO_COMPARISON,
  appraisal: PLAIN_APPRAISAL,
  confirmed: [],
  workings: null,
  handIn: PLAIN_HAND_IN,
  answerFormat: null,
  later: [],
};
