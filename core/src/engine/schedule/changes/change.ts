import * as z from "zod";
import { magnitudeSchema, percentFigureSchema, quotationSchema } from "../../problem/schema";

/** Numbers of payments count from 1; both ends of a span belong to it. */
const payment = z.int().min(1).max(1e6).meta({ description: "a payment's number, from 1" });
const span = { fromPayment: payment, toPayment: payment };

/**
 * What becomes of the payments after a change: they stay as large as they are, so that the loan ends
 * later or sooner, or they are reset so that it ends when it would have ended.
 */
const then = z
  .enum(["kept", "reset"])
  .meta({ description: "whether later payments are kept, or recalculated to keep the term" });

/** Something paid on top of the payments: with one of them, with each, or with one of every year. */
const extra = z.strictObject({
  kind: z.literal("extra"),
  amount: magnitudeSchema,
  often: z.enum(["once", "payment", "year"]),
  fromPayment: payment,
  /** The last payment that may have it; left out to go on to the end. */
  toPayment: payment.optional(),
});

/** Every payment is made a multiple of an amount, by raising it. */
const roundUp = z.strictObject({ kind: z.literal("round-up"), multiple: magnitudeSchema });

/** Payments of the interest and nothing else. */
const interestOnly = z.strictObject({ kind: z.literal("interest-only"), ...span, then });

/** Payments left out, while interest runs on. */
const holiday = z.strictObject({ kind: z.literal("holiday"), ...span, then });

/** Another rate, which the interest of a payment and of all later ones is reckoned at. */
const rate = z.strictObject({
  kind: z.literal("rate"),
  fromPayment: payment,
  percent: percentFigureSchema,
  quotation: quotationSchema,
  then,
});

/** A charge on the first day, paid at once or added to what is owed. */
const fee = z.strictObject({
  kind: z.literal("fee"),
  amount: magnitudeSchema,
  isAdded: z.boolean(),
});

/** What is left at the end, to be paid in one sum. The payments are reset to leave it. */
const residual = z.strictObject({ kind: z.literal("residual"), amount: magnitudeSchema });

/** One thing that is changed about a loan or about savings. */
export const loanChangeSchema = z
  .discriminatedUnion("kind", [extra, roundUp, interestOnly, holiday, rate, fee, residual])
  .meta({ id: "LoanChange", description: "One change to a loan or savings." });

export type LoanChange = Readonly<z.infer<typeof loanChangeSchema>>;
export type LoanChangeKind = LoanChange["kind"];

type ChangeOf<Kind extends LoanChangeKind> = Extract<LoanChange, { kind: Kind }>;
export type ExtraChange = ChangeOf<"extra">;
export type InterestOnlyChange = ChangeOf<"interest-only">;
export type HolidayChange = ChangeOf<"holiday">;
export type RateChange = ChangeOf<"rate">;
