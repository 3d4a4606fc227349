import type { Flow } from "../../engine/problem/schema";
import { frequencyWords } from "../../wording/quotation-words";

/** The name of a flow in the sentences of marking. */
export function nameOf(flow: Flow): string {
  const label = flow.label?.trim() ?? "";
  if (label !== "") return `“${label}”`;
  switch (flow.kind) {
    case "stream":
      return `the ${frequencyWords(flow.every).adverb} payments`;
    case "single":
      return flow.direction === "in" ? "the amount you receive" : "the amount you pay";
    default:
      return "the listed amounts";
  }
}

/** The digits of a rate in the sentences of marking. */
export const RATE_DECIMALS = 6;

/** The digits of a rate as a decimal: two more. */
export const DECIMAL_DECIMALS = RATE_DECIMALS + 2;
