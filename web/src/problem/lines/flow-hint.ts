import { paidSingle, type AnswerFormat, type Solution } from "@kestrelmoor/core";
import type {
  FlowLine,
  FlowReading,
  LineReading,
  RateReading,
  SingleLine,
} from "@kestrelmoor/core/typing";
import { yearsTyped } from "../timeline/sketch-types";
import { saidAmountHint, timeHint } from "./line-hints";
import { listHint } from "./list-hints";
import { streamHint } from "./stream-hints";

/** What a hint may use beside the line itself. */
interface Beside {
  readonly index: number;
  readonly solution: Solution | null;
  readonly rates: readonly RateReading[];
  readonly format: AnswerFormat;
}

/** What the entries of a flow imply, below its sentence. */
export function flowHint(line: FlowLine, reading: FlowReading, beside: Beside): string {
  const { index, solution, format } = beside;
  const settled = solution?.settled.flows[index];
  if (line.kind === "single" && reading.kind === "single") return singleHint(line, reading, beside);
  if (line.kind === "stream" && reading.kind === "stream") {
    return streamHint(line, reading, solution, format);
  }
  if (reading.kind === "list") {
    return listHint(reading.amounts, settled?.kind === "list" ? settled.amounts : null, format);
  }
  if (reading.kind !== "dated") return "";
  const { entries } = reading;
  const amounts =
    entries.state === "value"
      ? { ...entries, value: entries.value.map(({ amount }) => amount) }
      : entries;
  const found = settled?.kind === "dated" ? settled.entries.map(({ amount }) => amount) : null;
  return listHint(amounts, found, format);
}

function singleHint(
  line: SingleLine,
  { amount, at }: LineReading<"single">,
  { index, solution, rates, format }: Beside,
): string {
  const paid = solution === null ? null : paidSingle(solution, index);
  const years = paid?.at ?? yearsTyped(at);
  const hints = [
    saidAmountHint(line.amount, amount, paid?.amount ?? null, format),
    years === null ? null : timeHint(years, rates, format),
  ];
  return hints.filter((hint) => hint !== null).join(" · ");
}
