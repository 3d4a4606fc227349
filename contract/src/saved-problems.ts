import { LIMITS, problemSchema, questionSchema } from "@kestrelmoor/core";
import { draftSchema } from "@kestrelmoor/core/typing";
import * as z from "zod";

export const problemId = z.uuid();

/** What is saved: the texts as typed, or a problem or question file from which they are written. */
export const saveRequest = z
  .union([
    z.strictObject({ draft: draftSchema }),
    z.strictObject({ problem: problemSchema }),
    z.strictObject({ question: questionSchema }),
  ])
  .meta({ id: "SaveRequest" });

export const savedProblem = z
  .object({
    id: problemId,
    version: z.int().min(1).meta({ description: "Counts the saves; also the ETag." }),
    title: z.string(),
    draft: draftSchema,
    problem: z
      .union([problemSchema, z.null()])
      .meta({ description: "The problem file, once every field can be read." }),
    question: z
      .union([questionSchema, z.null()])
      .meta({ description: "The question file in its place, where there are several parts." }),
    createdAt: z.iso.datetime(),
    updatedAt: z.iso.datetime(),
  })
  .meta({ id: "SavedProblem" });

export const listedProblem = z
  .object({
    ...{ id: problemId, version: z.int().min(1), title: z.string() },
    card: z
      .object({
        draft: draftSchema.meta({
          description:
            "Its lines alone; those of a very long problem are cut off. Not to be saved.",
        }),
        told: z.string().nullable().meta({
          description:
            "The answer as a sentence, if lines are cut off; the answers of several parts.",
        }),
      })
      .meta({ description: "What a notebook shows of it." }),
    createdAt: z.iso.datetime(),
    updatedAt: z.iso.datetime(),
    deletedAt: z.iso.datetime().nullable().meta({ description: "Since when it is in the bin." }),
  })
  .meta({ id: "ListedProblem" });

export const PAGE_SIZE = { standard: 24, most: 100 } as const;

export const listQuery = z.object({
  search: z.string().trim().max(LIMITS.titleLength).default(""),
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  pageSize: z.coerce.number().int().min(1).max(PAGE_SIZE.most).default(PAGE_SIZE.standard),
});

export const problemList = z
  .object({
    items: z.array(listedProblem),
    total: z.int(),
    page: z.int(),
    pageSize: z.int(),
  })
  .meta({ id: "ProblemList" });

export const binReply = z.object({ items: z.array(listedProblem) }).meta({
  id: "Bin",
  description: "The deleted problems of the workspace that can still be restored, latest first.",
});

export type ListedProblem = z.infer<typeof listedProblem>;
export type BinReply = z.infer<typeof binReply>;
export type SaveRequest = z.infer<typeof saveRequest>;
export type SavedProblem = z.infer<typeof savedProblem>;
export type ProblemList = z.infer<typeof problemList>;
export type ListQuery = z.infer<typeof listQuery>;
