import { quotationSchema, quotedRateSchema } from "@kestrelmoor/core";
import * as z from "zod";

export const convertRequest = z
  .strictObject({ from: quotedRateSchema, to: quotationSchema })
  .meta({ id: "ConvertRequest", description: "A quoted rate, and the target quotation." });

export const convertReply = z
  .object({ percent: z.number() })
  .meta({ id: "ConvertedRate", description: "The same rate in the other quotation." });

export type ConvertReply = z.infer<typeof convertReply>;
