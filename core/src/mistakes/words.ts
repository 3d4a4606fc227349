import type { Flow } from "../problem/schema";
import { formatFigure, formatMoney } from "../wording/format-number";
import { frequencyWords, onePeriod } from "../wording/quotation-words";

/** What a line is called when a slip is told. */
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

export function percentWords(percent: number): string {
  return `${formatFigure(percent, 6)} %`;
}

export function moneyWords(amount: number): string {
  return formatMoney(amount);
}

export function periodWords(every: string): string {
  return onePeriod(frequencyWords(every).noun);
}
