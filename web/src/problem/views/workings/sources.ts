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

export function sourceOf(
  quantity: Quantity,
  parts: WorkingsParts,
  draft: Draft,
  rounding: Rounding,
): Source {
  const figure = figureOf(quantity, rounding);
  const { field } = quantity;
  if (field !== null && field.on !== "ask") {
    const flow = field.on === "flow" ? draft.flows[field.line] : undefined;
    const line = flow ?? draft.rates[field.line];
    const label = flow === undefined ? "" : (namedFlow(flow).label ?? "").trim();
    // How a rate is quoted is chosen beside its figure.
    const name = field.field === "quotation" ? "percent" : field.field;
    return {
      figure,
      words:
        label === ""
          ? `${field.on === "flow" ? "line" : "rate"} ${field.line + 1}`
          : `the line “${label}”`,
      field: line === undefined ? null : fieldId(line.id, name),
      line: flow?.id ?? null,
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
