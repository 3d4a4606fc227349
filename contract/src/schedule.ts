import {
  flowIdSchema,
  loanChangeSchema,
  magnitudeSchema,
  SCHEDULE_KINDS,
  SCHEDULE_ROUNDINGS,
} from "@kestrelmoor/core";
import * as z from "zod";
import { solveRequest } from "./solve";

/** Rows beyond this are not sent in one reply. */
export const MOST_SCHEDULE_ROWS = 20_000;

const MOST_CHANGES = 100;

const payment = z.int().min(1).max(1e6).meta({ description: "a payment's number, from 1" });

export const scheduleOptions = z.strictObject({
  flow: flowIdSchema,
  rounding: z.enum(SCHEDULE_ROUNDINGS).default("cent"),
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
  changes: z.array(loanChangeSchema).max(MOST_CHANGES).default([]),
});

export const scheduleRequest = scheduleOptions.extend({ problem: solveRequest }).meta({
  id: "ScheduleRequest",
  description: "A problem, one of its streams, and the changes to it.",
});

const row = z.object({
  payment: z.int(),
  time: z.number().meta({ description: "years from today" }),
  opening: z.number(),
  interest: z.number(),
  other: z.number().meta({ description: "other cash flows of this period" }),
  paid: z.number(),
  extra: z.number(),
  principal: z.number(),
  balance: z.number(),
});

export const scheduleReply = z
  .object({
    kind: z.enum(SCHEDULE_KINDS),
    isOwed: z
      .boolean()
      .meta({ description: "whether the balance is owed (otherwise it is saved)" }),
    payment: z.number(),
    exactPayment: z.number(),
    levels: z
      .array(z.object({ fromPayment: z.int(), amount: z.number(), exact: z.number() }))
      .readonly()
      .meta({
        description:
          "the payment from a payment number onwards: the first, and each that was recalculated",
      }),
    paymentsMade: z.int(),
    finalPayment: z.number(),
    totalPaid: z.number(),
    totalInterest: z.number(),
    totalExtra: z.number(),
    effectiveYearlyPercent: z.number().nullable().meta({
      description:
        "internal rate of all its cash flows, fees included; null if there is none or more than one",
    }),
    before: z
      .object({ time: z.number(), interest: z.number(), other: z.number(), balance: z.number() })
      .nullable()
      .meta({ description: "balance before the first payment period" }),
    rows: z.array(row).readonly(),
  })
  .meta({ id: "Schedule", description: "The schedule of a stream, payment by payment." });

export type ScheduleReply = z.infer<typeof scheduleReply>;
