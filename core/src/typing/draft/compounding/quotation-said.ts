import type { SaidQuotation } from "../../input/rate-words";
import type { Quotation } from "../../../engine/rates/quotation";

/** How a rate beside the problem is quoted: as its words say, else as the problem's own rate is. */
export function quotationSaid(
  { quotation, asPaid }: SaidQuotation,
  base: { readonly quotation: Quotation; readonly every: string },
): Quotation {
  return (
    quotation ?? (asPaid === true ? { quoted: "nominal", compounding: base.every } : base.quotation)
  );
}
