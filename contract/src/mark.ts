import { LIMITS, partLabelSchema, problemSchema, questionSchema } from "@kestrelmoor/core";
import { MISTAKE_CODES, VERDICTS } from "@kestrelmoor/core/teaching";
import * as z from "zod";

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

export const markReply = z
  .object({
    verdict: z.enum(VERDICTS),
    sentence: z.string(),
    explanations: z.array(explanation).max(3).readonly(),
  })
  .meta({
    id: "Marking",
    description:
      "Whether the answer is correct, or correct from one's own earlier answers, or which mistakes give exactly that number, likeliest first.",
  });

export type MarkReply = z.infer<typeof markReply>;
