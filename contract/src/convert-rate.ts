import { LIMITS, quotationSchema, quotedRateSchema } from "@kestrelmoor/core";
import * as z from "zod";

export const convertRequest = z
  .strictObject({
    from: quotedRateSchema,
    to: quotationSchema,
    years: z.number().gt(0).max(LIMITS.years).default(1).meta({
      description: "The time over which simple interest or bank discount agrees with the other.",
    }),
  })
  .meta({ id: "ConvertRequest", description: "A quoted rate, and the target quotation." });

export const convertReply = z
  .object({ percent: z.number() })
  .meta({ id: "ConvertedRate", description: "The same rate in the other quotation." });

export type ConvertReply = z.infer<typeof convertReply>;
