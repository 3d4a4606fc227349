import { answerSentence, type AnswerFormat, type Unknown } from "@kestrelmoor/core";
import type { Outcome } from "../document/outcome";

/** What a part finds, in a word or two: its own name, that of the line which is the unknown, or its kind. */
export function partTitle({ draft, problem, solved }: Outcome): string {
  const { name } = draft.part;
  if (name !== "") return name;
  const unknown = solved?.unknown ?? null;
  if (unknown === null || problem === null) return "";
  const flow = unknown.field.on === "flow" ? problem.flows[unknown.field.line] : undefined;
  const label = flow?.label ?? "";
  if (unknown.kind === "amount" && label !== "") return label;
  return unknown.kind === "amount" && flow?.kind === "stream" ? "Payment" : KINDS[unknown.kind];
}

const KINDS: Readonly<Record<Unknown["kind"], string>> = {
  amount: "Amount",
  percent: "Rate",
  growth: "Growth",
  count: "Number of payments",
  at: "Time",
  begins: "Start",
  value: "Value",
};

/** The answer of a part beside its title; what it waits for where it has none. */
export function partAnswer({ solved, reading }: Outcome, format: AnswerFormat): string {
  if (solved !== null) {
    return solved.answers
      .map((answer) => answerSentence(solved, format, answer).value)
      .join(" or ");
  }
  const waits = reading.issues.find(({ code }) => code === "part-waits");
  return waits?.code === "part-waits" ? `waits for (${waits.label})` : "–";
}
