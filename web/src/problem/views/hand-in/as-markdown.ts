import { markdownWords, writeOut, type LineStyle } from "@kestrelmoor/core/teaching";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import type { SheetComparison } from "./comparisons";
import type { SheetContent, SheetSection } from "./sheet-content";

function comparisonParts({ heading, columns, rows, words }: SheetComparison): string[] {
  const row = (cells: readonly string[]) => `| ${cells.map(markdownWords).join(" | ")} |`;
  return [
    `## ${markdownWords(heading)}`,
    [
      row(["", ...columns.map(({ name }) => name)]),
      `| --- |${" ---: |".repeat(columns.length)}`,
      ...rows.map((name, place) => row([name, ...columns.map(({ cells }) => cells[place] ?? "")])),
    ].join("\n"),
    ...words.map(markdownWords),
  ];
}

function sectionParts(section: SheetSection, style: LineStyle): string[] {
  const { heading, taken, flows, given, parts: workings, answer, further, comparisons } = section;
  return [
    ...(heading === null ? [] : [`# ${markdownWords(heading)}`]),
    "## Timeline",
    flows.map((one) => `- ${markdownWords(one)}`).join("\n"),
    "## Given",
    ...taken.map(markdownWords),
    writeOut([given], "markdown", style)
      .replace(/^1\. .*\n\n/, "")
      .replace(/^ {4}(?=\S)/gm, "- "),
    "## Workings",
    ...workings.flatMap(({ question: asked, steps, first }) => [
      ...(asked === null ? [] : [`### ${markdownWords(asked)}`]),
      writeOut(steps, "markdown", style, first),
    ]),
    "## Answer",
    `**${markdownWords(answer)}**`,
    ...further.map((one) => `${markdownWords(one.question)}: **${markdownWords(one.answer)}**`),
    ...comparisons.flatMap(comparisonParts),
  ];
}

/** A sheet as Markdown, with formulas as LaTeX between dollar signs. */
export function asMarkdown(content: SheetContent, choice: WorkingsStyle): string {
  const { title, credits, question, sections } = content;
  const style = { ...choice, format: content.format };
  const parts = [
    `# ${markdownWords(title)}`,
    markdownWords(credits.join(" · ")),
    ...(question === ""
      ? []
      : [
          "## Question",
          question
            .split(/\n\s*\n/)
            .map((one) => `> ${markdownWords(one).replaceAll("\n", "\n> ")}`)
            .join("\n>\n"),
        ]),
    ...sections.flatMap((section) => sectionParts(section, style)),
  ];
  return `${parts
    .filter((part) => part !== "")
    .map((part) => part.trimEnd())
    .join("\n\n")}\n`;
}
