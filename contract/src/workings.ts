import { problemSchema, questionSchema } from "@kestrelmoor/core";
import { LEVELS, STEP_KINDS } from "@kestrelmoor/core/teaching";
import * as z from "zod";
import { unsolvedPart } from "./solve";

/** What may be asked beside the problem. */
export const workingsOptions = z.strictObject({ level: z.enum(LEVELS).default("every-step") });

export const workingsRequest = z
  .union([
    workingsOptions.extend({ problem: problemSchema }),
    workingsOptions.extend({ question: questionSchema }),
  ])
  .meta({
    id: "WorkingsRequest",
    description: "A problem or a question, and the level of detail of its workings.",
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

export const problemWorkings = z
  .object({
    steps,
    also: z.array(z.object({ steps }).nullable()).readonly().meta({
      description: "The steps for each follow-up question, in order; null if it has no answer.",
    }),
  })
  .meta({ id: "Workings", description: "The steps from the given values to the answer." });

const partWorkings = z.object({ label: z.string(), ...problemWorkings.shape });

export const questionWorkings = z
  .object({ parts: z.array(z.union([partWorkings, unsolvedPart])).readonly() })
  .meta({ id: "QuestionWorkings", description: "The workings of each part, in order." });

export const workingsReply = z.union([problemWorkings, questionWorkings]).meta({
  id: "ProblemOrQuestionWorkings",
  description: "The workings of a problem, or of each part of a question.",
});

export type ProblemWorkings = z.infer<typeof problemWorkings>;
export type QuestionWorkings = z.infer<typeof questionWorkings>;
export type WorkingsReply = ProblemWorkings | QuestionWorkings;
