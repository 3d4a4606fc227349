import { formatExact, type AnswerFormat } from "@kestrelmoor/core";

/** Figures in a table: what stands over each column, and the rows. */
export interface FigureTable {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly number[])[];
}

/** A table for pasting into another program: one row a line, a tab between the figures. */
export function tabbedText({ heads, rows }: FigureTable, format: AnswerFormat): string {
  return [heads, ...rows.map((row) => row.map((value) => plainFigure(value, format)))]
    .map((line) => line.join("\t"))
    .join("\n");
}

/** A table as RFC 4180 has it; where the comma marks decimals, a semicolon parts the figures. */
export function csvText({ heads, rows }: FigureTable, format: AnswerFormat): string {
  const between = format.marks.endsWith("comma") ? ";" : ",";
  return [heads.map(quoted), ...rows.map((row) => row.map((value) => plainFigure(value, format)))]
    .map((line) => `${line.join(between)}\r\n`)
    .join("");
}

function quoted(text: string): string {
  return `"${text.replaceAll('"', '""')}"`;
}

/** All digits that are sure, without marks between thousands; nothing where there is no answer. */
function plainFigure(value: number, format: AnswerFormat): string {
  if (!Number.isFinite(value)) return "";
  const text = formatExact(Number(value.toPrecision(13))).replaceAll(",", "");
  return format.marks.endsWith("comma") ? text.replace(".", ",") : text;
}
