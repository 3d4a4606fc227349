import {
  answerSentence,
  formatYears,
  writeFigure,
  writeMoney,
  writeRate,
  type Answer,
  type AnswerFormat,
  type FigureUnit,
  type Unknown,
} from "@kestrelmoor/core";
import { fieldsOf, readingAt, takesUp } from "@kestrelmoor/core/typing";
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
    return solved.answers.map((answer) => briefAnswer(solved, answer, format)).join(" or ");
  }
  const waits = reading.issues.find(({ code }) => code === "part-waits");
  return waits?.code === "part-waits" ? `waits for (${waits.label})` : "–";
}

/** A bare number of payments would be taken for money. */
function briefAnswer(
  solved: NonNullable<Outcome["solved"]>,
  answer: Answer,
  format: AnswerFormat,
): string {
  const { value } = answerSentence(solved, format, answer);
  return answer.unit === "payments" ? `${value} payments` : value;
}

/** A part as the heading of what is written of it: "(b) Payment after the renewal". */
export function partHeading(part: Outcome): string {
  return `(${part.draft.part.label}) ${partTitle(part)}`.trimEnd();
}

/** What the fields of a part take up of earlier ones, each with what that comes to. */
export function takenWords({ draft, reading }: Outcome, format: AnswerFormat): string[] {
  return fieldsOf(draft).flatMap(({ text, ref }) => {
    const came = takesUp(text) ? readingAt(reading, ref) : undefined;
    if (came === undefined || came.unit === null || came.numbers.length === 0) return [];
    const { unit, numbers } = came;
    const figures = numbers.map((number) => figureWords(number, unit, format));
    return [`${text.trim()} = ${figures.join("; ")}`];
  });
}

/** A figure in the words of its unit. */
export function figureWords(value: number, unit: FigureUnit, format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(Math.abs(value), format);
    case "percent":
      return writeRate(value, format);
    case "years":
      return formatYears(value, format, 4);
    case "payments":
      return `${writeFigure(value, format, 2)} payments`;
  }
}
