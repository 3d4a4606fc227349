import { dateOfAmount } from "../../../engine/flows/amount-date";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import type { AnswerFormat } from "../../../wording/answer-format";
import { spanWords } from "../../../wording/format-time";
import { capitalized } from "../../../wording/capitalized";
import { flowName } from "../../workings/compose/flow-names";
import type { Quantity, QuantityKind } from "../../workings/mathematics/expression";

const KIND_WORDS: Readonly<Record<QuantityKind, string>> = {
  money: "Amount",
  rate: "Rate, as a decimal",
  factor: "Factor",
  count: "Number of payments or periods",
  time: "Years",
};

/** The name of a quantity that has no sentence, beside its cell. */
export function quantityWords(
  { flows }: SolvedProblem,
  { field, kind }: Quantity,
  format: AnswerFormat,
): string {
  const flow = field?.on === "flow" ? flows[field.line] : undefined;
  if (flow === undefined || field?.on !== "flow") return KIND_WORDS[kind];
  const name = capitalized(flowName(flow, format));
  if (field.entry !== undefined) {
    const years = dateOfAmount(flow.settled, field.entry, (time) => time);
    return `${name}, ${whenWords(years, format)}`;
  }
  return `${KIND_WORDS[kind]}: ${name}`;
}

function whenWords(years: number, format: AnswerFormat): string {
  return years === 0 ? "today" : `after ${spanWords(years, format)}`;
}
