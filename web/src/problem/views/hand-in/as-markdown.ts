import { markdownWords, writeOut } from "@kestrelmoor/core/teaching";
import type { WorkingsChoice } from "../workings/workings-choice";
import type { SheetContent } from "./sheet-content";

/** A sheet as Markdown, with formulas as LaTeX between dollar signs. */
export function asMarkdown(content: SheetContent, choice: WorkingsChoice): string {
  const { title, credits, question, flows, given, parts: workings, answer, further } = content;
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
    "## Timeline",
    flows.map((one) => `- ${markdownWords(one)}`).join("\n"),
    "## Given",
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
  ];
  return `${parts
    .filter((part) => part !== "")
    .map((part) => part.trimEnd())
    .join("\n\n")}\n`;
}
