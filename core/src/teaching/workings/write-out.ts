import type { Line, Step, StepTable } from "./step";
import { lineLatex, linePlain, type LineStyle } from "./write-line";

/** The forms in which workings can be copied: for a letter, a document, or a page that sets LaTeX. */
export type WrittenForm = "plain" | "latex" | "markdown";

interface Script {
  readonly step: (number: number, say: string) => string;
  readonly line: (line: Line, style: LineStyle) => string;
  readonly table: (table: StepTable) => string;
  readonly before: (first: number) => string;
  readonly after: string;
}

const SCRIPTS: Readonly<Record<WrittenForm, Script>> = {
  plain: {
    before: () => "",
    after: "",
    step: (number, say) => `${number}. ${say}`,
    line: (line, style) => `   ${beside(linePlain(line, style), line.note, "   ")}`,
    table: ({ head, rows, leftOut, leftOutAfter }) =>
      columns([head, ...withGap(rows, leftOut, leftOutAfter)])
        .map((row) => `   ${row}`)
        .join("\n"),
  },
  latex: {
    before: (first) =>
      String.raw`\begin{enumerate}${first === 1 ? "" : String.raw`\setcounter{enumi}{${first - 1}}`}`,
    after: String.raw`\end{enumerate}`,
    step: (_, say) => String.raw`\item ${escaped(say)}`,
    line: (line, style) => {
      const note = line.note === undefined ? "" : String.raw`\quad\text{${escaped(line.note)}}`;
      return line.parts.length === 0
        ? escaped(line.note ?? "")
        : String.raw`\[ ${lineLatex(line, style)}${note} \]`;
    },
    table: ({ head, rows, leftOut, leftOutAfter }) =>
      [
        String.raw`\begin{center}\begin{tabular}{${"r".repeat(head.length)}}`,
        ...[head, ...withGap(rows, leftOut, leftOutAfter)].map(
          (row) => `${row.map(escaped).join(" & ")} ${String.raw`\\`}`,
        ),
        String.raw`\end{tabular}\end{center}`,
      ].join("\n"),
  },
  markdown: {
    before: () => "",
    after: "",
    step: (number, say) => `${`${number}.`.padEnd(4)}${markdownWords(say)}\n`,
    line: (line, style) => {
      const note = markdownWords(line.note ?? "");
      if (line.parts.length === 0) return `    ${note}\n`;
      return `    $${lineLatex(line, style)}$${note === "" ? "" : ` — ${note}`}\n`;
    },
    table: ({ head, rows, leftOut, leftOutAfter }) =>
      [
        `    | ${head.join(" | ")} |`,
        `    |${" ---: |".repeat(head.length)}`,
        ...withGap(rows, leftOut, leftOutAfter).map((row) => `    | ${row.join(" | ")} |`),
        "",
      ].join("\n"),
  },
};

/**
 * Workings as one text.
 *
 * @param form `plain` for anywhere, `latex` for a document, `markdown` with LaTeX between dollar signs
 * @param first the number of the first step
 */
export function writeOut(
  steps: readonly Step[],
  form: WrittenForm,
  style: LineStyle = {},
  first = 1,
): string {
  const script = SCRIPTS[form];
  const body = steps.map(({ say, lines, table }, index) =>
    [
      script.step(first + index, say),
      ...lines.map((line) => script.line(line, style)),
      ...(table === undefined ? [] : [script.table(table)]),
    ].join("\n"),
  );
  return [script.before(first), ...body, script.after].filter((text) => text !== "").join("\n");
}

function beside(formula: string, note: string | undefined, gap: string): string {
  return [formula, note ?? ""].filter((text) => text !== "").join(gap);
}

/** Rows with one that says how many are left out. */
function withGap(
  rows: readonly (readonly string[])[],
  leftOut: number,
  after: number,
): (readonly string[])[] {
  if (leftOut === 0) return [...rows];
  return [...rows.slice(0, after), [`… ${leftOut} more`], ...rows.slice(after)];
}

/** Columns set below one another by spaces. */
function columns(rows: readonly (readonly string[])[]): string[] {
  const widths = rows.reduce<number[]>(
    (widest, row) => row.map((cell, place) => Math.max(widest[place] ?? 0, cell.length)),
    [],
  );
  return rows.map((row) =>
    row.length === 1
      ? (row[0] ?? "")
      : row.map((cell, place) => cell.padStart(widths[place] ?? 0)).join("  "),
  );
}

/** Words in Markdown: no sign in them is taken for emphasis, a link, a heading or a formula. */
export function markdownWords(text: string): string {
  return text
    .replace(/[\\`*_{}[\]<>$|~]/g, String.raw`\$&`)
    .replace(/^([#+-]|\d+(?=[.)]\s))/gm, (sign) => (/\d/.test(sign) ? `${sign}\\` : `\\${sign}`));
}

function escaped(text: string): string {
  return text
    .replace(/[\\{}$&#^_~%]/g, (sign) => (sign === "\\" ? " " : `\\${sign}`))
    .replace(/\\([\^~])/g, " ")
    .replace(/−/g, "-")
    .replace(/ /g, "~");
}
