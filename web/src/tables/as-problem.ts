import {
  formatExact,
  isGrowing,
  type FactorTerms,
  tableName,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { type Draft, type FlowLine, type TypedRateLine } from "@kestrelmoor/core/typing";
import { amountLine, draftOf } from "../desk/draft-parts";

/** What is looked up, as a problem: a period of the table is a year there. */
export function factorProblem(
  terms: FactorTerms,
  amount: number,
  percent: number,
  count: number,
  format: AnswerFormat,
): Draft {
  const { kind, timing, growthPercent } = terms;
  const money = formatExact(amount);
  const end = `${formatExact(count)} years`;
  const payments: FlowLine = {
    kind: "stream",
    id: "payments",
    label: "Payments",
    direction: kind.startsWith("future") ? "out" : "in",
    amount: money,
    every: "year",
    count: `${formatExact(count)} payments`,
    timing,
    begins: "today",
    growth: isGrowing(kind)
      ? { by: "percent", figure: `${formatExact(growthPercent)}%`, every: "year" }
      : null,
  };
  const flows: Readonly<Record<FactorTerms["kind"], FlowLine[]>> = {
    "future-of-one": [
      amountLine("Invested", "out", money, "today"),
      amountLine("Future value", "in", "?", end),
    ],
    "present-of-one": [
      amountLine("Present value", "out", "?", "today"),
      amountLine("Future value", "in", money, end),
    ],
    "future-of-payments": [payments, amountLine("Future value", "in", "?", end)],
    "future-of-growing": [payments, amountLine("Future value", "in", "?", end)],
    "present-of-payments": [amountLine("Present value", "out", "?", "today"), payments],
    "present-of-growing": [amountLine("Present value", "out", "?", "today"), payments],
  };
  const rate: TypedRateLine = {
    kind: "rate",
    id: "rate-1",
    percent: `${formatExact(percent)}%`,
    quoted: "effective",
    compounding: "P1Y",
    compoundedBy: "words",
    from: "",
  };
  return draftOf(`${tableName(terms, format)}: ${money}`, rate, flows[kind]);
}
