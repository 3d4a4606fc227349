import { formatExact, isGrowing, type FactorTerms, tableName } from "@kestrelmoor/core";
import { BLANK_DRAFT, type Draft, type FlowLine } from "@kestrelmoor/core/typing";

/** What is looked up, as a problem: a period of the table is a year there. */
export function factorProblem(
  terms: FactorTerms,
  amount: number,
  percent: number,
  count: number,
): Draft {
  const { kind, timing, growthPercent } = terms;
  const money = formatExact(amount);
  const end = `${formatExact(count)} years`;
  const single = (label: string, direction: "in" | "out", text: string, at: string): FlowLine => ({
    kind: "single",
    id: label.toLowerCase().replace(/ /g, "-"),
    label,
    direction,
    amount: text,
    at,
  });
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
      single("Put in", "out", money, "today"),
      single("Future value", "in", "?", end),
    ],
    "present-of-one": [
      single("Present value", "out", "?", "today"),
      single("Due", "in", money, end),
    ],
    "future-of-payments": [payments, single("Future value", "in", "?", end)],
    "future-of-growing": [payments, single("Future value", "in", "?", end)],
    "present-of-payments": [single("Present value", "out", "?", "today"), payments],
    "present-of-growing": [single("Present value", "out", "?", "today"), payments],
  };
  return {
    ...BLANK_DRAFT,
    title: `${tableName(terms)}: ${money}`.slice(0, 200),
    rates: [
      {
        kind: "rate",
        id: "rate-1",
        percent: `${formatExact(percent)}%`,
        quoted: "effective",
        compounding: "P1Y",
        from: "",
      },
    ],
    flows: flows[kind],
    variants: [],
  };
}
