import * as z from "zod";
import { PAYMENT_ROUNDINGS } from "../../engine/flows/payment-rounding";
import { FRACTION_RULES } from "../../engine/rates/compounding-law";
import { DAY_COUNTS, USUAL_DAY_COUNT } from "../../engine/time/day-count";
import { DATE_ORDERS } from "../input/read-date";

export const PAYBACKS = ["exact", "whole-years"] as const;
export const PAYMENTS_FOUND = ["exact", ...PAYMENT_ROUNDINGS] as const;
export const RATES_ASKED = ["nominal", "effective"] as const;

/** What a course has agreed on. It is kept with the problem, so that the answer is the same wherever it is opened. */
export const conventionsSchema = z.strictObject({
  dayCount: z.enum(DAY_COUNTS),
  /** Interest over less than one compounding period. */
  fraction: z.enum(FRACTION_RULES),
  /** How a date in numbers is read. */
  dateOrder: z.enum(DATE_ORDERS),
  /** How a rate is asked for that nobody says how to quote. What was kept before one could choose was nominal. */
  rateAsked: z.enum(RATES_ASKED).default("nominal"),
  /** Whether a payment that is found is paid in whole cents. What was kept before one could choose was exact. */
  payments: z.enum(PAYMENTS_FOUND).default("exact"),
  /** How a payback period is told. */
  payback: z.enum(PAYBACKS).default("exact"),
});

export const USUAL_CONVENTIONS: z.infer<typeof conventionsSchema> = {
  dayCount: USUAL_DAY_COUNT,
  fraction: "compound",
  dateOrder: "day-first",
  rateAsked: "nominal",
  payments: "exact",
  payback: "exact",
};
