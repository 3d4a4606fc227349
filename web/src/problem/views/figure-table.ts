import { withDigits, formatExact, type AnswerFormat } from "@kestrelmoor/core";

/** What stands over each column, and the rows: figures, words, or nothing. */
export interface FigureTable {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly (number | string | null)[])[];
}

/** A table for pasting into another program: one row a line, a tab between the figures. */
export function tabbedText({ heads, rows }: FigureTable, format: AnswerFormat): string {
  return [heads, ...rows]
    .map((line) =>
      line
        .map((cell) => (typeof cell === "string" ? cell.replace(/\s+/g, " ") : plain(cell, format)))
        .join("\t"),
    )
    .join("\n");
}

/** A table as RFC 4180 has it; where the comma marks decimals, a semicolon parts the figures. */
export function csvText({ heads, rows }: FigureTable, format: AnswerFormat): string {
  const between = format.marks.endsWith("comma") ? ";" : ",";
  return [heads, ...rows]
    .map((line) => {
      const cells = line.map((cell) =>
        typeof cell === "string" ? quoted(cell) : plain(cell, format),
      );
      return `${cells.join(between)}\r\n`;
    })
    .join("");
}

/** Words that a spreadsheet would take for a formula are made words again by an apostrophe. */
function quoted(words: string): string {
  const text = /^[=+\-@\t\r]/.test(words) ? `'${words}` : words;
  return `"${text.replaceAll('"', '""')}"`;
}

/** All digits that are sure, without marks between thousands; nothing where there is no answer. */
function plain(value: number | null, format: AnswerFormat): string {
  if (value === null || !Number.isFinite(value)) return "";
  const text = formatExact(withDigits(value, 13)).replaceAll(",", "");
  return format.marks.endsWith("comma") ? text.replace(".", ",") : text;
}
