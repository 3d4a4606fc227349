import {
  figureAt,
  formatExact,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
  type Path,
  type Problem,
} from "@kestrelmoor/core";
import {
  entryName,
  factName,
  type Draft,
  type FactName,
  type FigureUnit,
} from "@kestrelmoor/core/typing";

/** A figure of the problem that can be varied. */
export interface SweepField {
  /** Where it stands in the draft and in the problem, as one text. */
  readonly key: string;
  readonly path: Path;
  readonly name: string;
  readonly unit: FigureUnit;
  /** What it is now. */
  readonly value: number;
  /** Where it is typed; `null` for one amount of many. */
  readonly fact: { readonly line: string; readonly fact: FactName } | null;
}

/** Longer lists would make the choice of a field unreadable. */
const MOST_ENTRIES = 24;

/** Every figure that is given in a problem, in reading order. */
export function sweepFields(draft: Draft, problem: Problem): SweepField[] {
  const fields: SweepField[] = [];
  const add = (path: Path, unit: FigureUnit, name: string, fact: SweepField["fact"] = null) => {
    const value = figureAt(problem, path);
    if (value !== null) fields.push({ key: path.join("."), path, name, unit, value, fact });
  };
  const addFact = (path: Path, unit: FigureUnit, line: string, fact: FactName) =>
    add(path, unit, factName(draft, line, fact), { line, fact });
  problem.flows.forEach((flow, index) => {
    const at = ["flows", index];
    const { id } = flow;
    switch (flow.kind) {
      case "single":
        addFact([...at, "amount"], "money", id, "amount");
        addFact([...at, "at"], "years", id, "at");
        break;
      case "stream":
        addFact([...at, "amount"], "money", id, "amount");
        addFact([...at, "count"], "payments", id, "count");
        addFact([...at, "begins"], "years", id, "begins");
        addFact([...at, "growth", "percent"], "percent", id, "growth");
        addFact([...at, "growth", "amount"], "money", id, "growth");
        break;
      case "list":
        flow.amounts.slice(0, MOST_ENTRIES).forEach((_, entry) => {
          add([...at, "amounts", entry], "money", entryName(draft, id, entry));
        });
        break;
      case "dated":
        flow.entries.slice(0, MOST_ENTRIES).forEach(({ on }, entry) => {
          add([...at, "entries", entry, "amount"], "money", entryName(draft, id, entry, on));
        });
        break;
    }
  });
  draft.rates.forEach(({ id }, index) => {
    addFact(["rates", index, "percent"], "percent", id, "percent");
    addFact(["rates", index, "from"], "years", id, "from");
  });
  addFact(["ask", "at"], "years", "ask", "worth-at");
  return fields;
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
