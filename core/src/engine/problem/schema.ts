import * as z from "zod";
import { PAYMENT_ROUNDINGS } from "../flows/payment-rounding";
import { FRACTION_RULES } from "../rates/compounding-law";
import { DAY_COUNTS } from "../time/day-count";
import { durationInYears, parseDuration } from "../time/duration";
import { LIMITS } from "./limits";

/**
 * The problem file, version 2: the one definition from which the types, the validation and the
 * published JSON Schema are made. What its parts say about each other (ids, references, order) is
 * checked in `check-problem.ts`, which a JSON Schema cannot express.
 */

const ISO_DURATION = String.raw`P(?=\d)(\d+([.,]\d+)?Y)?(\d+([.,]\d+)?M)?(\d+([.,]\d+)?W)?(\d+([.,]\d+)?D)?`;
const ISO_DATE = String.raw`\d{4}-\d{2}-\d{2}`;

/** What a person is told was expected, kept beside each part so that issues can name it. */
const expected = (text: string) => ({ description: text });

const duration = z
  .string()
  .max(60)
  .regex(new RegExp(`^${ISO_DURATION}$`))
  .refine((text) => parseDuration(text) !== null && lengthOf(text) <= LIMITS.years)
  .meta(expected("an ISO 8601 duration such as P2Y6M, up to 1000 years"));

export const periodSchema = duration
  .refine((text) => lengthOf(text) > 0)
  .meta(expected("an ISO 8601 duration longer than zero, such as P1M"));

function lengthOf(text: string): number {
  const parsed = parseDuration(text);
  return parsed === null ? Number.NaN : durationInYears(parsed);
}

export const flowIdSchema = z
  .string()
  .regex(/^[A-Za-z][A-Za-z0-9_-]{0,63}$/)
  .meta(expected("a name of letters, digits, - and _, up to 64 of them, starting with a letter"));

export const magnitudeSchema = z.number().min(0).max(LIMITS.amount);
export const signedMoneySchema = z.number().min(-LIMITS.amount).max(LIMITS.amount);
const timesOf = z.strictObject({
  times: z.number().min(0).max(LIMITS.percent),
  of: flowIdSchema,
  plus: signedMoneySchema.optional(),
});

const amount = z
  .union([magnitudeSchema, z.null(), timesOf])
  .meta(expected("an amount of zero or more, null for the unknown, or { times, of, plus }"));

export const percentFigureSchema = z.number().min(-LIMITS.percent).max(LIMITS.percent);
const percent = z
  .union([
    percentFigureSchema,
    z.null(),
    z.strictObject({
      plus: percentFigureSchema,
      of: z
        .int()
        .min(0)
        .max(LIMITS.rates - 1),
    }),
  ])
  .meta(expected("a percentage, null for the unknown, or { plus, of }"));

const endOf = z.strictObject({ endOf: flowIdSchema });

/** That the calendar has the date is checked apart: see `isCalendarDate`. */
export const dateSchema = z
  .string()
  .regex(new RegExp(`^${ISO_DATE}$`))
  .meta(expected("a date such as 2027-03-01"));

/** A time as it is said: how long from today, or with a minus sign before it; or a date. */
const moment = z
  .string()
  .max(61)
  .regex(new RegExp(`^(?:-?${ISO_DURATION}|${ISO_DATE})$`))
  .refine((text) => !text.includes("P") || lengthOf(text.replace(/^-/, "")) <= LIMITS.years)
  .meta(expected("an ISO 8601 duration such as P2Y6M or -P9M, up to 1000 years, or a date"));

const knownPosition = z
  .union([moment, endOf])
  .meta(expected("a duration such as P4Y, a date, or { endOf }"));

const position = z
  .union([moment, z.null(), endOf])
  .meta(expected("a duration such as P4Y, a date, null for the unknown, or { endOf }"));

/** Every way to quote a rate, each with further parts of what is quoted. */
const quotedWith = <Parts extends z.core.$ZodLooseShape>(parts: Parts) =>
  z.discriminatedUnion("quoted", [
    z.strictObject({ ...parts, quoted: z.literal("nominal"), compounding: periodSchema }),
    z.strictObject({ ...parts, quoted: z.literal("effective") }),
    z.strictObject({ ...parts, quoted: z.literal("periodic"), compounding: periodSchema }),
    z.strictObject({ ...parts, quoted: z.literal("continuous") }),
    z.strictObject({ ...parts, quoted: z.literal("effective-discount") }),
    z.strictObject({ ...parts, quoted: z.literal("nominal-discount"), compounding: periodSchema }),
    z.strictObject({ ...parts, quoted: z.literal("simple") }),
    z.strictObject({ ...parts, quoted: z.literal("bank-discount") }),
  ]);

export const quotationSchema = quotedWith({});

/** A rate that is said in full: a figure and its quotation. */
export const quotedRateSchema = quotedWith({ percent: percentFigureSchema });

const rate = quotedWith({ percent, from: knownPosition.optional() });

/** Which way money goes, for whoever the problem is about. */
export const DIRECTIONS = ["in", "out"] as const;

const direction = z.enum(DIRECTIONS);
const label = z.string().max(LIMITS.labelLength);
const flowParts = { id: flowIdSchema, label: label.optional() };

const single = z.strictObject({
  ...flowParts,
  kind: z.literal("single"),
  direction,
  amount,
  at: position,
});

const growthPercent = z.union([percentFigureSchema, z.null()]);
const growthStep = z.union([signedMoneySchema, z.null()]);
const growth = z
  .union([
    z.strictObject({ percent: growthPercent, every: periodSchema }),
    z.strictObject({ amount: growthStep, every: periodSchema }),
  ])
  .meta(expected("{ percent, every } or { amount, every }"));

const count = z
  .union([z.number().gt(0).max(LIMITS.payments), z.null(), z.literal("forever")])
  .meta(expected('a number of payments, null for the unknown, or "forever"'));

const stream = z.strictObject({
  ...flowParts,
  kind: z.literal("stream"),
  direction,
  amount,
  every: periodSchema,
  count,
  timing: z.enum(["end", "start"]),
  begins: position,
  growth: growth.optional(),
});

const entry = z
  .union([signedMoneySchema, z.null(), timesOf])
  .meta(expected("a signed amount, null for the unknown, or { times, of, plus }"));

const list = z.strictObject({
  ...flowParts,
  kind: z.literal("list"),
  every: periodSchema,
  begins: position,
  amounts: z.array(entry).min(1).max(LIMITS.listAmounts),
  labels: z
    .array(label)
    .max(LIMITS.listAmounts)
    .meta(expected("a label for each amount, in order; may be empty"))
    .optional(),
});

const dated = z.strictObject({
  ...flowParts,
  kind: z.literal("dated"),
  entries: z
    .array(
      z.strictObject({
        on: dateSchema,
        amount: entry,
        label: label.optional(),
      }),
    )
    .min(1)
    .max(LIMITS.listAmounts),
});

const flow = z.discriminatedUnion("kind", [single, stream, list, dated]);

const span = { from: knownPosition, to: knownPosition };
/** A follow-up question on a solved problem. */
export const followUpSchema = z.discriminatedUnion("find", [
  z.strictObject({ find: z.literal("value"), at: knownPosition }),
  z.strictObject({ find: z.literal("balance"), at: knownPosition }),
  z.strictObject({ find: z.literal("interest"), ...span }),
  z.strictObject({ find: z.literal("principal"), ...span }),
  z.strictObject({
    find: z.literal("total"),
    of: z.union([direction, flowIdSchema]).meta(expected('"in", "out" or the id of a flow')),
  }),
]);

export const problemSchema = z.strictObject({
  format: z.literal("kestrelmoor-problem"),
  version: z.literal(2),
  title: z.string().max(LIMITS.titleLength).optional(),
  question: z.string().max(LIMITS.questionLength).optional(),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .meta(expected("an ISO 4217 code such as USD"))
    .optional(),
  /** The date of time 0, from which dates are counted. */
  today: dateSchema.optional(),
  dayCount: z.enum(DAY_COUNTS).optional(),
  fraction: z.enum(FRACTION_RULES).optional(),
  /** Whether an unknown payment is found in whole cents; left out, it has every digit. */
  paymentRounding: z.enum(PAYMENT_ROUNDINGS).optional(),
  /** Where the answer depends on it: see `focalOf`. */
  focal: knownPosition.optional(),
  rates: z.array(rate).min(1).max(LIMITS.rates),
  flows: z.array(flow).min(1).max(LIMITS.flows),
  ask: z.strictObject({ find: z.literal("value"), at: knownPosition }).optional(),
  also: z.array(followUpSchema).max(LIMITS.followUps).optional(),
});

/** What holds a figure or a time: in a part of a question, the answer of an earlier part may stand there. */
export const FIGURE_SCHEMAS: readonly unknown[] = [
  ...[amount, entry, percent, count, growthPercent, growthStep],
  ...[position, knownPosition],
];

export type Problem = z.infer<typeof problemSchema>;
export type Rate = Problem["rates"][number];
export type Flow = Problem["flows"][number];
export type FlowOf<Kind extends Flow["kind"]> = Extract<Flow, { kind: Kind }>;
export type Direction = z.infer<typeof direction>;
export type Amount = z.infer<typeof amount>;
export type Position = z.infer<typeof position>;
export type KnownPosition = z.infer<typeof knownPosition>;
export type FollowUp = z.infer<typeof followUpSchema>;
