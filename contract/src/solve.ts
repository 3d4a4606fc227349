import { problemSchema } from "@kestrelmoor/core";
import * as z from "zod";

/** A problem file of any released version; the published schema describes the newest. */
export const solveRequest = problemSchema.meta({
  id: "Problem",
  description: "A problem file: flows, rates and exactly one unknown.",
});

const answer = z.object({
  value: z.number(),
  unit: z.enum(["money", "percent", "payments", "years"]),
  direction: z.enum(["in", "out"]).optional(),
  turned: z
    .literal(true)
    .optional()
    .meta({ description: "The amount balances only in the other direction than it was given." }),
});

export const solveReply = z
  .object({
    unknown: z.object({ path: z.array(z.union([z.string(), z.number()])) }),
    answers: z.array(answer).min(1),
    also: z.array(z.union([z.number(), z.null()])),
    facts: z.object({
      totalIn: z.number(),
      totalOut: z.number(),
      interest: z.number().optional(),
      interestIs: z.enum(["earned", "paid"]).optional(),
      effectivePercents: z.array(z.union([z.number(), z.null()])),
    }),
  })
  .meta({ id: "Solution", description: "Every solution of the unknown, and figures beside it." });

export type SolveReply = z.infer<typeof solveReply>;
