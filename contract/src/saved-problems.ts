import { LIMITS, problemSchema } from "@kestrelmoor/core";
import { draftSchema } from "@kestrelmoor/core/typing";
import * as z from "zod";

export const problemId = z.uuid();

/** What is saved: the texts as typed, or a problem file from which they are written. */
export const saveRequest = z
  .union([z.strictObject({ draft: draftSchema }), z.strictObject({ problem: problemSchema })])
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
    createdAt: z.iso.datetime(),
    updatedAt: z.iso.datetime(),
  })
  .meta({ id: "SavedProblem" });

export const PAGE_SIZE = { standard: 24, most: 100 } as const;

export const listQuery = z.object({
  search: z.string().trim().max(LIMITS.titleLength).default(""),
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  pageSize: z.coerce.number().int().min(1).max(PAGE_SIZE.most).default(PAGE_SIZE.standard),
});

export const problemList = z
  .object({
    items: z.array(savedProblem),
    total: z.int(),
    page: z.int(),
    pageSize: z.int(),
  })
  .meta({ id: "ProblemList" });

export type SaveRequest = z.infer<typeof saveRequest>;
export type SavedProblem = z.infer<typeof savedProblem>;
export type ProblemList = z.infer<typeof problemList>;
export type ListQuery = z.infer<typeof listQuery>;
