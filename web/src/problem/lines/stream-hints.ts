import {
  writeFigure,
  writeMoney,
  writeRate,
  frequencyWords,
  type SolvedProblem,
  type AnswerFormat,
} from "@kestrelmoor/core";
import type { LineReading, StreamLine } from "@kestrelmoor/core/typing";
import { whenWords } from "../timeline/timeline-words";
import { saidAmountHint, waitingHint } from "./line-hints";

/** The hints of repeated payments: their number, the periodic rate, the first and the last date, the total. */
export function streamHint(
  line: StreamLine,
  { amount, count, every }: LineReading<"stream">,
  facts: SolvedProblem["facts"]["streams"][number] | null,
  format: AnswerFormat,
): string {
  const parts = [saidAmountHint(line.amount, amount, null, format), waitingHint(count)];
  if (facts === null) {
    if (count.state === "value" && every.state === "value") {
      parts.push(count.value === "forever" ? "perpetuity" : paymentsWords(count.value, format));
    }
    return joined(parts);
  }
  const { payments, percentPerPayment, firstYears, lastYears, total } = facts;
  parts.push(payments === null ? "perpetuity" : paymentsWords(payments, format));
  if (every.state === "value") {
    const { noun } = frequencyWords(every.value);
    parts.push(`${writeRate(percentPerPayment, format)} per ${noun}`);
  }
  const first = whenWords(firstYears, format);
  parts.push(
    lastYears === firstYears
      ? first
      : `from ${plain(first)}${lastYears === null ? " onwards" : ` to ${plain(whenWords(lastYears, format))}`}`,
  );
  if (total !== null) parts.push(`${writeMoney(total, format)} total`);
  return joined(parts);
}

function plain(when: string): string {
  return when.replace("after ", "");
}

function paymentsWords(count: number, format: AnswerFormat): string {
  const figure = writeFigure(count, format, 2);
  const part = Number.isInteger(count) ? "" : ", the last one partial";
  return `${figure} payment${figure === "1" ? "" : "s"}${part}`;
}

function joined(parts: readonly (string | null)[]): string {
  return parts.filter((part) => part !== null).join(" · ");
}
