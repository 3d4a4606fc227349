import type { RateFieldName } from "../../../engine/fields/field-ref";

interface Words {
  readonly name: string;
  readonly label: string;
  readonly hint: string;
}

/** What the fields of a rate are called. @param index which rate of the problem it is, from 0 */
export function rateWords(index: number): Readonly<Record<RateFieldName, Words>> {
  return {
    percent: { name: "rate", label: index === 0 ? "Rate" : "New rate", hint: "rate" },
    quotation: { name: "compounding", label: "Quotation of the rate", hint: "" },
    from: { name: "start", label: "Start of this rate", hint: "time" },
  };
}

/** What the date of a value is called. */
export const ASK_WORDS: Words = { name: "focal date", label: "Focal date", hint: "time" };
