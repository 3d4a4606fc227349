import {
  formatFigure,
  formatMoney,
  formatPercent,
  frequencyWords,
  type Solution,
} from "@kestrelmoor/core";
import { type StreamLine, type StreamReading } from "@kestrelmoor/core/typing";
import { whenWords } from "../timeline/timeline-words";
import { saidAmountHint } from "./line-hints";

/** What a line of repeated payments implies: their number, the rate for one, first and last, the total. */
export function streamHint(
  line: StreamLine,
  { amount, count, every }: StreamReading,
  solution: Solution | null,
): string {
  const facts = solution?.facts.streams.find(({ id }) => id === line.id);
  const parts = [saidAmountHint(line.amount, amount, null)];
  if (facts === undefined) {
    if (count.state === "value" && every.state === "value") {
      parts.push(count.value === "forever" ? "payments for ever" : paymentsWords(count.value));
    }
    return joined(parts);
  }
  const { payments, percentPerPayment, firstYears, lastYears, total } = facts;
  parts.push(payments === null ? "payments for ever" : paymentsWords(payments));
  if (every.state === "value") {
    const { noun } = frequencyWords(every.value);
    parts.push(`${formatPercent(percentPerPayment)} per ${noun}`);
  }
  const first = whenWords(firstYears);
  parts.push(
    lastYears === firstYears
      ? first
      : `from ${plain(first)}${lastYears === null ? " on" : ` to ${plain(whenWords(lastYears))}`}`,
  );
  if (total !== null) parts.push(`${formatMoney(total)} in all`);
  return joined(parts);
}

function plain(when: string): string {
  return when.replace("after ", "");
}

function paymentsWords(count: number): string {
  const figure = formatFigure(count, 2);
  const part = Number.isInteger(count) ? "" : ", the last a part of one";
  return `${figure} payment${figure === "1" ? "" : "s"}${part}`;
}

function joined(parts: readonly (string | null)[]): string {
  return parts.filter((part) => part !== null).join(" · ");
}
