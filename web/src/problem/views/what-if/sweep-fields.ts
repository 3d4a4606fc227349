import {
  fieldKey,
  figuresOf,
  flowField,
  formatExact,
  numberIn,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
  type FieldName,
  type FieldRef,
  type FigureUnit,
  type Problem,
} from "@kestrelmoor/core";
import { entryName, fieldAt, fieldName, type Draft } from "@kestrelmoor/core/typing";

/** A figure of the problem that can be varied. */
export interface SweepField {
  /** Where it stands in the draft and in the problem, as one text. */
  readonly key: string;
  readonly ref: FieldRef;
  readonly name: string;
  readonly unit: FigureUnit;
  /** What it is now. */
  readonly value: number;
  /** Where it is typed; `null` for one amount of many. */
  readonly fact: { readonly line: string; readonly fact: FieldName } | null;
}

/** Longer lists would make the choice of a field unreadable. */
const MOST_ENTRIES = 24;

/** Every figure that is given in a problem, in the order of the page: flows, rates, the focal date. */
export function sweepFields(draft: Draft, problem: Problem): SweepField[] {
  const fields = figuresOf(problem).flatMap((figure): SweepField[] => {
    const { field: ref, unit } = figure;
    const value = numberIn(problem, figure);
    const own = fieldAt(draft, ref.on === "flow" ? flowField(ref.line, ref.field) : ref);
    if (value === null || own === undefined) return [];
    const field = { key: fieldKey(ref), ref, unit, value };
    if (ref.on !== "flow" || ref.entry === undefined) {
      return [{ ...field, name: fieldName(draft, own), fact: { line: own.line, fact: own.name } }];
    }
    if (ref.entry >= MOST_ENTRIES) return [];
    const name = entryName(draft, own.line, ref.entry, dateOf(problem, ref.line, ref.entry));
    return [{ ...field, name, fact: null }];
  });
  const isOn = (on: FieldRef["on"]) => (field: SweepField) => field.ref.on === on;
  return (["flow", "rate", "ask"] as const).flatMap((on) => fields.filter(isOn(on)));
}

function dateOf({ flows }: Problem, line: number, entry: number): string | undefined {
  const flow = flows[line];
  return flow?.kind === "dated" ? flow.entries[entry]?.on : undefined;
}

/** A figure as it is shown on an axis and in a table. */
export function writeFieldFigure(value: number, unit: FigureUnit, format: AnswerFormat): string {
  switch (unit) {
    case "money":
      return writeMoney(value, Number.isInteger(value) ? { ...format, decimals: 0 } : format);
    case "percent":
      return writeRate(value, format);
    case "payments":
      return writeFigure(value, format, 2);
    case "years":
      return `${writeFigure(value, format, 2)} years`;
  }
}

/** A figure as somebody would have typed it. */
export function typedFigure(value: number, unit: FigureUnit): string {
  const figure = formatExact(value);
  switch (unit) {
    case "percent":
      return `${figure}%`;
    case "years":
      return `${figure} years`;
    case "payments":
      return `${figure} payments`;
    case "money":
      return figure;
  }
}
