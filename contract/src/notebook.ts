import { LIMITS } from "@kestrelmoor/core";
import { deskSchema, draftSchema } from "@kestrelmoor/core/typing";
import * as z from "zod";
import { problemId } from "./saved-problems";

/** How long things are kept, in days. */
export const KEPT_DAYS = {
  /** A notebook after it was last opened. */
  unused: 400,
  /** A workspace in which nothing was ever kept. */
  empty: 7,
  /** A problem in the bin. */
  bin: 30,
} as const;

export const notebookReply = z
  .object({
    problems: z.int().meta({ description: "How many the workspace keeps itself." }),
    inBin: z.int(),
    hasKey: z.boolean().meta({ description: "Whether a notebook key opens it." }),
    otherBrowsers: z.int().meta({ description: "In how many other browsers it is open." }),
  })
  .meta({ id: "Notebook", description: "What the workspace of this browser keeps." });

export const notebookKeyReply = z
  .object({ key: z.string().meta({ description: "Seven words. They are kept nowhere." }) })
  .meta({ id: "NotebookKey", description: "A new key; an earlier one opens nothing any more." });

/** Longer texts are no key; what is read is forgiving about case and what stands between the words. */
export const openNotebookRequest = z
  .strictObject({ key: z.string().min(1).max(400) })
  .meta({ id: "OpenNotebook" });

const moment = z.iso.datetime();

/** A problem of a notebook file; its draft may be of any released version. */
export const carriedProblem = z
  .strictObject({
    id: problemId,
    draft: draftSchema,
    createdAt: moment,
    updatedAt: moment,
    deletedAt: moment.nullable(),
  })
  .meta({ id: "CarriedProblem" });

/** The same before its draft has been read. */
export const unreadCarriedProblem = carriedProblem.extend({ draft: z.unknown() });

export const MOST_MERGED = 100;

export const mergeRequest = z
  .strictObject({
    problems: z.array(carriedProblem).max(MOST_MERGED).default([]),
    desk: deskSchema.partial().default({}),
  })
  .meta({
    id: "MergeRequest",
    description: `Problems of a notebook file, at most ${MOST_MERGED} in one call, and what was typed on the pages of rates and of tables.`,
  });

export const unreadMergeRequest = z.strictObject({
  problems: z.array(unreadCarriedProblem).max(MOST_MERGED).default([]),
  desk: z.record(z.string(), z.unknown()).default({}),
});

export const mergeReply = z
  .object({
    added: z.int(),
    restored: z.int().meta({ description: "Were in the bin here, and not in the file." }),
    same: z.int().meta({ description: "Were here already." }),
    unread: z.int().meta({ description: "Could not be read." }),
  })
  .meta({ id: "Merged" });

export const NOTEBOOK_FILE_FORMAT = "kestrelmoor-notebook";
export const NOTEBOOK_FILE_EXTENSION = ".notebook.json";

export const notebookFile = z
  .strictObject({
    format: z.literal(NOTEBOOK_FILE_FORMAT),
    version: z.literal(1),
    problems: z.array(carriedProblem),
    desk: deskSchema.partial(),
  })
  .meta({ id: "NotebookFile", description: "A whole notebook, with its bin." });

/** The same before the drafts in it have been read. Larger than any notebook can be. */
export const unreadNotebookFile = notebookFile.extend({
  problems: z.array(unreadCarriedProblem).max(20_000),
  desk: z.record(z.string().max(LIMITS.labelLength), z.unknown()),
});

export const shareReply = z
  .object({
    share: z
      .object({ address: z.string(), sharedAt: moment, isCurrent: z.boolean() })
      .nullable()
      .meta({ description: "`null` if the problem is not shared." }),
  })
  .meta({ id: "Share" });

export const sharedProblem = z
  .object({
    title: z.string(),
    draft: draftSchema,
    sharedAt: moment,
  })
  .meta({ id: "SharedProblem", description: "A copy of a problem that somebody shows." });

export type NotebookReply = z.infer<typeof notebookReply>;
export type NotebookKeyReply = z.infer<typeof notebookKeyReply>;
export type MergeReply = z.infer<typeof mergeReply>;
export type UnreadNotebookFile = z.infer<typeof unreadNotebookFile>;
export type UnreadCarriedProblem = z.infer<typeof unreadCarriedProblem>;
export type ShareReply = z.infer<typeof shareReply>;
export type SharedProblem = z.infer<typeof sharedProblem>;
