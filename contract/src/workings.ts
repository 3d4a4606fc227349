import { problemSchema } from "@kestrelmoor/core";
import { LEVELS, STEP_KINDS } from "@kestrelmoor/core/teaching";
import * as z from "zod";

/** What may be asked beside the problem. */
export const workingsOptions = z.strictObject({ level: z.enum(LEVELS).default("every-step") });

export const workingsRequest = workingsOptions.extend({ problem: problemSchema }).meta({
  id: "WorkingsRequest",
  description: "A problem, and the level of detail of its workings.",
});

const table = z.object({
  head: z.array(z.string()).readonly(),
  rows: z.array(z.array(z.string()).readonly()).readonly(),
  leftOut: z.int(),
  leftOutAfter: z.int(),
});

const step = z.object({
  kind: z.enum(STEP_KINDS),
  say: z.string(),
  latex: z.array(z.string()).readonly(),
  plain: z.array(z.string()).readonly().meta({ description: "The same formulas as plain text." }),
  table: table.optional(),
  value: z.number().optional(),
});

const steps = z.array(step).readonly();

export const workingsReply = z
  .object({
    steps,
    also: z.array(z.object({ steps }).nullable()).readonly().meta({
      description: "The steps for each follow-up question, in order; null if it has no answer.",
    }),
  })
  .meta({ id: "Workings", description: "The steps from the given values to the answer." });

export type WorkingsReply = z.infer<typeof workingsReply>;
