import { QUOTATION_KINDS, type Quotation } from "../../engine/rates/quotation";
import type { TypedRateLine } from "./draft";

/** The key of a nominal rate that is compounded as often as money is paid. */
export const AS_PAID = "as-paid";

/** How a rate is quoted as one text, for a list to choose from: "nominal P1M", "effective". */
export function quotationKey(quotation: Quotation): string {
  return "compounding" in quotation
    ? `${quotation.quoted} ${quotation.compounding}`
    : quotation.quoted;
}

/** A line's own choice, as such a text. */
export function quotationKeyOfLine(line: TypedRateLine): string {
  if (followsPayments(line)) return AS_PAID;
  return quotationKey(ownQuotation(line));
}

/** The quotation of a line, of which some have a compounding period. */
export function ownQuotation({
  quoted,
  compounding,
}: Pick<TypedRateLine, "quoted" | "compounding">): Quotation {
  return quoted === "nominal" || quoted === "periodic" || quoted === "nominal-discount"
    ? { quoted, compounding }
    : { quoted };
}

/** Whether the compounding of a line follows how often money is paid. */
export function followsPayments({ quoted, compoundedBy }: TypedRateLine): boolean {
  return quoted === "nominal" && compoundedBy === "payments";
}

/** Puts a choice on a rate line; what it says nothing of stays. */
export function setQuotation(line: TypedRateLine, key: string): void {
  if (key === AS_PAID) {
    line.quoted = "nominal";
    line.compoundedBy = "payments";
    return;
  }
  const [quoted = "", compounding] = key.split(" ");
  if (!isQuoted(quoted)) return;
  line.quoted = quoted;
  line.compoundedBy = "words";
  if (compounding !== undefined) line.compounding = compounding;
}

function isQuoted(text: string): text is TypedRateLine["quoted"] {
  return (QUOTATION_KINDS as readonly string[]).includes(text);
}
