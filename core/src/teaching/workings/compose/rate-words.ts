import type { Problem } from "../../../engine/problem/schema";
import type { SettledSpell } from "../../../engine/solve/solution";
import { frequencyOf } from "../../../engine/time/duration";
import { frequencyWords } from "../../../wording/quotation-words";

/** The compounding of a spell that has one. */
export function everyOf({ quotation }: SettledSpell): string {
  return "compounding" in quotation ? quotation.compounding : "P1Y";
}

/** The textbook's letter for a rate as it is quoted. */
export function quotedBase({ quotation }: SettledSpell): string {
  switch (quotation.quoted) {
    case "continuous":
      return String.raw`\delta`;
    case "nominal":
      return frequencyOf(quotation.compounding) === 1 ? "i" : "j";
    case "effective":
    case "periodic":
      return "i";
    case "simple":
      return "r";
    case "effective-discount":
    case "nominal-discount":
    case "bank-discount":
      return "d";
  }
}

/** The name of a period with a given frequency a year: that of the payments with this frequency. */
export function nounOf(frequency: number, { flows }: Problem): string {
  const flow = flows.find((one) => "every" in one && frequencyOf(one.every) === frequency);
  return flow !== undefined && "every" in flow
    ? frequencyWords(flow.every).noun
    : frequency === 1
      ? "year"
      : "period";
}

/** Whether the figure is a year's, shared out over its compounding periods. */
export function isYearly({ quotation }: SettledSpell): boolean {
  return quotation.quoted === "nominal" || quotation.quoted === "nominal-discount";
}
