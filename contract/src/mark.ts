import { problemSchema } from "@kestrelmoor/core";
import { MISTAKE_CODES, VERDICTS } from "@kestrelmoor/core/teaching";
import * as z from "zod";

/** What is asked of a problem: the number, as it was written. */
export const markOptions = z.strictObject({
  claimed: z.string().max(120).meta({ description: "As typed: its digits show its precision." }),
});

export const markRequest = markOptions
  .extend({ problem: problemSchema })
  .meta({ id: "MarkRequest", description: "A problem, and a student's answer." });

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
      "Whether the answer is correct, or which mistakes give exactly that number, likeliest first.",
  });

export type MarkReply = z.infer<typeof markReply>;
