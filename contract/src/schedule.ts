import { flowIdSchema, magnitudeSchema } from "@kestrelmoor/core";
import * as z from "zod";
import { solveRequest } from "./solve";

/** Rows beyond this are not sent in one reply. */
export const MOST_SCHEDULE_ROWS = 20_000;

const payment = z.int().min(1).max(1e6).meta({ description: "a payment's number, from 1" });

export const scheduleOptions = z.strictObject({
  flow: flowIdSchema,
  rounding: z.enum(["cent", "none"]).default("cent"),
  extra: z
    .array(
      z.strictObject({
        fromPayment: payment,
        toPayment: payment.optional(),
        amount: magnitudeSchema,
      }),
    )
    .max(100)
    .default([]),
  interestOnly: z
    .array(z.strictObject({ fromPayment: payment, toPayment: payment }))
    .max(100)
    .default([]),
});

export const scheduleRequest = scheduleOptions.extend({ problem: solveRequest }).meta({
  id: "ScheduleRequest",
  description: "A problem, the stream of it to account for, and what is changed about it.",
});

const row = z.object({
  payment: z.int(),
  time: z.number().meta({ description: "years from today" }),
  opening: z.number(),
  interest: z.number(),
  other: z.number().meta({ description: "other amounts that joined the balance in this period" }),
  paid: z.number(),
  extra: z.number(),
  principal: z.number(),
  balance: z.number(),
});

export const scheduleReply = z
  .object({
    kind: z.enum(["repaying", "saving"]),
    payment: z.number(),
    exactPayment: z.number(),
    paymentsMade: z.int(),
    finalPayment: z.number(),
    totalPaid: z.number(),
    totalInterest: z.number(),
    rows: z.array(row).readonly(),
  })
  .meta({ id: "Schedule", description: "The account of a stream, payment by payment." });

export type ScheduleReply = z.infer<typeof scheduleReply>;
