import type { Quotation } from "../rates/quotation";
import type { TypedRateLine } from "./draft";

/** How a rate is quoted as one text, for a list to choose from: "nominal P1M", "effective". */
export function quotationKey(quotation: Quotation): string {
  return "compounding" in quotation
    ? `${quotation.quoted} ${quotation.compounding}`
    : quotation.quoted;
}

/** Puts a choice on a rate line; what it says nothing of stays. */
export function setQuotation(line: TypedRateLine, key: string): void {
  const [quoted = "", compounding] = key.split(" ");
  if (!isQuoted(quoted)) return;
  line.quoted = quoted;
  if (compounding !== undefined) line.compounding = compounding;
}

function isQuoted(text: string): text is TypedRateLine["quoted"] {
  return ["nominal", "effective", "periodic", "continuous"].includes(text);
}
