import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import type { AnswerFormat } from "../../wording/answer-format";
import { spanWords } from "../../wording/format-time";
import { capitalized, flowName } from "../../workings/compose/flow-names";
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
  problem: Problem,
  { settled }: Solution,
  { path, kind }: Quantity,
  format: AnswerFormat,
): string {
  const [place, index, list, entry] = path ?? [];
  const flow = place === "flows" ? settled.flows[Number(index)] : undefined;
  if (flow === undefined) return KIND_WORDS[kind];
  const name = capitalized(flowName(problem, flow, format));
  if (list === "amounts" && flow.kind === "list") {
    return `${name}, ${whenWords(flow.begins + Number(entry) / flow.frequency, format)}`;
  }
  if (list === "entries" && flow.kind === "dated") {
    return `${name}, ${whenWords(flow.entries[Number(entry)]?.at ?? 0, format)}`;
  }
  return `${KIND_WORDS[kind]}: ${name}`;
}

function whenWords(years: number, format: AnswerFormat): string {
  return years === 0 ? "today" : `after ${spanWords(years, format)}`;
}
