import {
  COMPLETENESS,
  DIRECTIONS,
  FIGURE_UNITS,
  INTEREST_SIDES,
  problemSchema,
  questionSchema,
  WHOLE_KINDS,
} from "@kestrelmoor/core";
import * as z from "zod";
import { issueReport } from "./problem-details";

/** A file of any released version; the published schemas describe the newest. */
export const problemRequest = problemSchema.meta({
  id: "Problem",
  description: "A problem file: flows, rates and exactly one unknown.",
});

export const questionRequest = questionSchema.meta({
  id: "Question",
  description:
    "A question file: parts in order, each a problem in which an earlier answer may stand for a figure or a time; see docs/question.schema.json.",
});

export const solveRequest = z.union([problemRequest, questionRequest]).meta({
  id: "ProblemOrQuestion",
  description: "A problem, or a question of several parts.",
});

const answer = z.object({
  value: z.number(),
  unit: z.enum(FIGURE_UNITS),
  direction: z.enum(DIRECTIONS).optional(),
  turned: z
    .literal(true)
    .optional()
    .meta({ description: "The amount balances only in the opposite direction." }),
});

export const completeness = z
  .enum(COMPLETENESS)
  .meta({ description: "Why there are no other solutions; see docs/method.md." });

const streamFacts = z.object({
  id: z.string(),
  payments: z.number().nullable().meta({ description: "null for a perpetuity" }),
  percentPerPayment: z.number(),
  firstYears: z.number(),
  lastYears: z.number().nullable(),
  total: z.number().nullable(),
});

const finalPayment = z.object({
  amount: z.number(),
  years: z.number().meta({ description: "from today" }),
});

const wholePayments = z
  .object({
    kind: z.enum(WHOLE_KINDS),
    full: z.int().meta({ description: "payments of the full size, before the last" }),
    last: finalPayment.nullable().meta({
      description: "null where the full payments are all, or interest alone does the rest",
    }),
    goalReachedYears: z
      .number()
      .optional()
      .meta({ description: "for interest-alone: when the goal is reached, from today" }),
    largerLast: finalPayment
      .optional()
      .meta({ description: "the last full payment, enlarged so that no other follows" }),
    totalPaid: z.number(),
    years: z
      .number()
      .meta({ description: "from the start of the first period to the end of the last" }),
  })
  .meta({ description: "An unknown count in whole payments." });

const roundedPayment = z
  .object({
    exact: z.number().meta({ description: "the payment with every digit" }),
    full: z.int().meta({ description: "payments of the rounded size, before the last" }),
    last: finalPayment,
  })
  .meta({ description: "An unknown payment in whole cents." });

export const solutionReply = z
  .object({
    unknown: z.object({ path: z.array(z.union([z.string(), z.number()])).readonly() }),
    answers: z.array(answer).min(1).readonly(),
    also: z.array(z.number().nullable()).readonly(),
    completeness,
    facts: z.object({
      totalIn: z.number().nullable(),
      totalOut: z.number().nullable(),
      interest: z.number().optional(),
      interestIs: z.enum(INTEREST_SIDES).optional(),
      effectivePercents: z.array(z.number().nullable()).readonly(),
      streams: z.array(streamFacts).readonly(),
      wholePayments: wholePayments.optional(),
      roundedPayment: roundedPayment.optional(),
    }),
  })
  .meta({ id: "Solution", description: "Every solution of the unknown, and related values." });

const solvedPart = z.object({ label: z.string(), ...solutionReply.shape });
export const unsolvedPart = z.object({
  label: z.string(),
  issues: z.array(issueReport).min(1).readonly().meta({
    description: "Why the part has no answer; `part-waits` where it waits for another.",
  }),
});

export const questionSolution = z
  .object({ parts: z.array(z.union([solvedPart, unsolvedPart])).readonly() })
  .meta({ id: "QuestionSolution", description: "The solution of each part, in order." });

export const solveReply = z.union([solutionReply, questionSolution]).meta({
  id: "ProblemOrQuestionSolution",
  description: "The solution of a problem, or of each part of a question.",
});

export type SolutionReply = z.infer<typeof solutionReply>;
export type QuestionSolution = z.infer<typeof questionSolution>;
export type SolveReply = SolutionReply | QuestionSolution;
