import {
  followUpSchema,
  LIMITS,
  partLabelSchema,
  problemSchema,
  questionSchema,
} from "@kestrelmoor/core";
import { MISTAKE_CODES, PLACED_VERDICTS, VERDICTS } from "@kestrelmoor/core/teaching";
import * as z from "zod";

/** The longest text of values on the way. */
const MOST_TYPED = 1000;

const claimed = z
  .string()
  .max(120)
  .meta({ description: "As typed: its digits show its precision." });

/** What is asked of a problem: the number, as it was written. */
export const markOptions = z.strictObject({
  claimed,
  follow: z
    .int()
    .min(0)
    .max(LIMITS.followUps - 1)
    .optional()
    .meta({ description: "The follow-up that is marked, by its place in `also`." }),
  asked: followUpSchema.optional().meta({
    description:
      "The follow-up that is marked, where the problem does not ask it: any figure of a schedule.",
  }),
  values: z.string().max(MOST_TYPED).optional().meta({
    description: "Values on the way to the answer, in their order, behind semicolons.",
  }),
});

/** The same of one part of a question. */
export const markPartOptions = markOptions.extend({
  part: partLabelSchema,
  earlier: z.record(partLabelSchema, claimed).default({}).meta({
    description: "What the student has for earlier parts, by their labels, for follow-through.",
  }),
});

export const markRequest = z
  .union([
    markOptions.extend({ problem: problemSchema }),
    markPartOptions.extend({ question: questionSchema }),
  ])
  .meta({
    id: "MarkRequest",
    description: "A problem or a part of a question, and a student's answer.",
  });

const explanation = z.object({
  codes: z.array(z.enum(MISTAKE_CODES)).min(1).max(2).readonly(),
  value: z.number(),
  sentence: z.string(),
  corrected: z.array(z.string()).readonly(),
  nextTime: z.array(z.string()).readonly(),
});

const placed = z.object({
  typed: z.string(),
  verdict: z.enum(PLACED_VERDICTS),
  sentence: z.string(),
  step: z.int().min(1).nullable(),
});

export const markReply = z
  .object({
    verdict: z.enum(VERDICTS),
    sentence: z.string(),
    explanations: z.array(explanation).max(3).readonly(),
    values: z.array(placed).readonly().optional().meta({
      description:
        "Each value on the way in its place: the first wrong one, and what follows from it.",
    }),
  })
  .meta({
    id: "Marking",
    description:
      "Whether the answer is correct, or correct from one's own earlier answers, or which mistakes give exactly that number, likeliest first.",
  });

export type MarkReply = z.infer<typeof markReply>;
