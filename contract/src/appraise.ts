import {
  dateSchema,
  isCalendarDate,
  LIMITS,
  percentFigureSchema,
  periodSchema,
  signedMoneySchema,
} from "@kestrelmoor/core";
import * as z from "zod";
import { completeness } from "./solve";

const rates = {
  hurdlePercent: percentFigureSchema.meta({ description: "effective annual rate as a percentage" }),
  reinvestPercent: percentFigureSchema
    .optional()
    .meta({ description: "reinvestment rate; defaults to the hurdle rate" }),
};

export const evenAppraisal = z.strictObject({
  amounts: z.array(signedMoneySchema).min(1).max(LIMITS.listAmounts),
  every: periodSchema.default("P1Y"),
  ...rates,
});

export const datedAppraisal = z.strictObject({
  entries: z
    .array(z.strictObject({ on: dateSchema.refine(isCalendarDate), amount: signedMoneySchema }))
    .min(1)
    .max(LIMITS.listAmounts),
  ...rates,
});

export const appraiseRequest = z.union([evenAppraisal, datedAppraisal]).meta({
  id: "AppraiseRequest",
  description: "Signed cash flows, at even intervals from time 0 or on calendar dates.",
});

const measure = z.number().nullable();

export const appraiseReply = z
  .object({
    npv: z.number(),
    irrPercents: z
      .array(z.number())
      .readonly()
      .meta({ description: "internal rates of return above −90%, ascending" }),
    irrPercentsBelow: z
      .array(z.number())
      .readonly()
      .meta({ description: "internal rates of return at −90% and below" }),
    irrCompleteness: completeness,
    mirrPercent: measure,
    payback: measure.meta({ description: "years" }),
    discountedPayback: measure.meta({ description: "years" }),
    profitabilityIndex: measure,
    equivalentAnnual: measure,
  })
  .meta({ id: "Appraisal", description: "The measures; null if a project has no such value." });

export type AppraiseReply = z.infer<typeof appraiseReply>;
