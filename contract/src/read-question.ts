import {
  LIMITS,
  partLabelSchema,
  problemSchema,
  questionSchema,
  quotationSchema,
  quotedRateSchema,
} from "@kestrelmoor/core";
import {
  ASSUMPTION_CODES,
  BLANKS,
  MISSING_CODES,
  READING_KINDS,
  SPAN_ROLES,
} from "@kestrelmoor/core/question";
import * as z from "zod";

export const readRequest = z
  .strictObject({
    text: z
      .string()
      .max(LIMITS.questionLength)
      .meta({ description: "The question, as it was given." }),
    choices: z.partialRecord(z.enum(ASSUMPTION_CODES), z.string().max(40)).default({}).meta({
      description:
        "How points that the text leaves open are to be taken: a `reading` of an alternative, by the assumption's `code`.",
    }),
  })
  .meta({ id: "ReadRequest", description: "The text of a question." });

const part = z.object({
  label: partLabelSchema.optional(),
  problem: problemSchema.meta({
    description: "Ready for /api/solve: answers of earlier parts stand in it as numbers.",
  }),
  follow: z.int().min(0).optional().meta({
    description: "The follow-up in `also` that answers the part, where its unknown does not.",
  }),
});

const place = { from: z.int().min(0), to: z.int().min(0) };

const span = z.object({
  ...place,
  text: z.string(),
  role: z.enum(SPAN_ROLES),
  target: z
    .union([
      z.object({ flow: z.string(), field: z.string() }),
      z.object({ rate: z.int().min(0), field: z.string() }),
    ])
    .optional()
    .meta({ description: "The flow or the rate of the problem that the phrase is told of." }),
});

const assumption = z.object({
  code: z.enum(ASSUMPTION_CODES),
  sentence: z.string(),
  alternatives: z
    .array(z.object({ reading: z.string(), sentence: z.string(), parts: z.array(part).readonly() }))
    .readonly(),
});

export const readReply = z
  .object({
    kind: z.enum(READING_KINDS),
    parts: z.array(part).readonly(),
    file: z.union([problemSchema, questionSchema]).optional().meta({
      description:
        "All parts as one file, with the text, to be saved; later parts take up the answers of earlier ones.",
    }),
    partial: z
      .object({ problem: problemSchema, blanks: z.array(z.enum(BLANKS)).readonly() })
      .optional()
      .meta({
        description: "Where only figures are missing: the problem, with 1 in their places.",
      }),
    spans: z
      .array(span)
      .readonly()
      .meta({ description: "Characters from 0, in order, none twice." }),
    assumptions: z.array(assumption).readonly(),
    missing: z.array(z.object({ code: z.enum(MISSING_CODES), sentence: z.string() })).readonly(),
    unused: z
      .array(z.object({ ...place, why: z.string() }))
      .readonly()
      .meta({ description: "Figures without a use, and why." }),
    exercises: z.array(z.object(place)).readonly().optional().meta({
      description: "Of a sheet: where each of its exercises stands, to be read one by one.",
    }),
    from: quotedRateSchema.optional(),
    to: quotationSchema.optional(),
    rates: z.array(quotedRateSchema).readonly().optional(),
    want: z.enum(["highest", "lowest"]).optional(),
  })
  .meta({ id: "Reading", description: "What a question was read as; see docs/reading.md." });

export type ReadReply = z.infer<typeof readReply>;
