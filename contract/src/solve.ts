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
    .meta({ description: "The amount balances only in the opposite direction." }),
});

export const completeness = z
  .enum([
    "linear",
    "monotone",
    "closed-form",
    "one-change",
    "running-totals",
    "exact-isolation",
    "turning-points",
    "monotone-pieces",
    "every-month",
    "every-payment",
  ])
  .meta({ description: "Why there are no other solutions; see docs/method.md." });

const streamFacts = z.object({
  id: z.string(),
  payments: z.number().nullable().meta({ description: "null for a perpetuity" }),
  percentPerPayment: z.number(),
  firstYears: z.number(),
  lastYears: z.number().nullable(),
  total: z.number().nullable(),
});

const lastPayment = z.object({ payment: z.int(), amount: z.number() });
const wholePayments = z
  .object({
    full: z.int(),
    smallerLast: lastPayment.optional(),
    largerLast: lastPayment.optional(),
    years: z.number(),
  })
  .meta({ description: "An unknown count in whole payments." });

export const solveReply = z
  .object({
    unknown: z.object({ path: z.array(z.union([z.string(), z.number()])).readonly() }),
    answers: z.array(answer).min(1).readonly(),
    also: z.array(z.number().nullable()).readonly(),
    completeness,
    facts: z.object({
      totalIn: z.number().nullable(),
      totalOut: z.number().nullable(),
      interest: z.number().optional(),
      interestIs: z.enum(["earned", "paid"]).optional(),
      effectivePercents: z.array(z.number().nullable()).readonly(),
      streams: z.array(streamFacts).readonly(),
      wholePayments: wholePayments.optional(),
    }),
  })
  .meta({ id: "Solution", description: "Every solution of the unknown, and related values." });

export type SolveReply = z.infer<typeof solveReply>;
