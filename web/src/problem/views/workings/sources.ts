import {
  figureOf,
  quantitiesIn,
  type Quantity,
  type Rounding,
  type Step,
} from "@kestrelmoor/core/teaching";
import { namedFlow, type Draft } from "@kestrelmoor/core/typing";
import { fieldId } from "../../lines/field-id";
import { stepThatDefines, type WorkingsParts } from "./parts";

/** Where a number in the workings comes from: a field of a line, or an earlier step. */
export interface Source {
  readonly figure: string;
  readonly words: string;
  /** The page's id of the field. */
  readonly field: string | null;
  /** The line that the field belongs to, whose posts stand on the timeline. */
  readonly line: string | null;
  /** From 0, through the workings of all questions. */
  readonly step: number | null;
}

/** The field that a part of a path stands for, as the lines name it. */
const FIELDS: Readonly<Record<string, string>> = {
  amount: "amount",
  count: "count",
  at: "at",
  begins: "begins",
  every: "every",
  growth: "growth",
  amounts: "amounts",
  entries: "entries",
  percent: "percent",
  compounding: "percent",
};

export function sourceOf(
  quantity: Quantity,
  parts: WorkingsParts,
  draft: Draft,
  rounding: Rounding,
): Source {
  const figure = figureOf(quantity, rounding);
  const [list, index, field] = quantity.path ?? [];
  if (list === "flows" || list === "rates") {
    const line = list === "flows" ? draft.flows[Number(index)] : undefined;
    const id = line === undefined ? draft.rates[Number(index)]?.id : namedFlow(line).id;
    const label = line === undefined ? "" : (namedFlow(line).label ?? "").trim();
    const name = FIELDS[String(field)] ?? "amount";
    const words =
      label === ""
        ? `${list === "flows" ? "line" : "rate"} ${Number(index) + 1}`
        : `the line “${label}”`;
    return {
      figure,
      words,
      field: id === undefined ? null : fieldId(id, name),
      line: list === "flows" ? (id ?? null) : null,
      step: null,
    };
  }
  const step = stepThatDefines(quantity, parts);
  return {
    figure,
    words: step < 0 ? "a step that is not shown" : `step ${step + 1}`,
    field: null,
    line: null,
    step: step < 0 ? null : step,
  };
}

/** The numbers of a step that come from elsewhere, each once. */
export function sourcesOf(
  step: Step,
  index: number,
  parts: WorkingsParts,
  draft: Draft,
  rounding: Rounding,
): Source[] {
  const quantities = new Set(step.lines.flatMap(quantitiesIn));
  return [...quantities]
    .map((quantity) => sourceOf(quantity, parts, draft, rounding))
    .filter((source) => source.step !== index && (source.step !== null || source.field !== null));
}
