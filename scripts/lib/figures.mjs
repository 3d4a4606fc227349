import { existsSync, readFileSync, writeFileSync } from "node:fs";

const HEAD = "|  | target | measured |\n| --- | --- | --- |\n";
const [START, END] = ["<!-- figures -->\n\n", "\n<!-- end of figures -->"];

/**
 * A text with a table of figures in it, of which those that were measured now stand there anew. What was not measured
 * stays.
 *
 * @param {string} text
 * @param {readonly { name: string, target: string, measured: string }[]} figures
 */
export function withFigures(text, figures) {
  const [from, to] = [text.indexOf(START), text.indexOf(END)];
  if (from === -1 || to < from) throw new Error("The text has no table of figures");
  const rows = new Map(
    text
      .slice(from + START.length, to)
      .split("\n")
      .slice(2)
      .filter((line) => line.startsWith("|"))
      .map((line) => line.split("|").map((cell) => cell.trim()))
      .map(([, name, target, measured]) => [name, { target, measured }]),
  );
  for (const { name, target, measured } of figures) rows.set(name, { target, measured });
  const table = [...rows].map(
    ([name, { target, measured }]) => `| ${name} | ${target} | ${measured} |\n`,
  );
  return `${text.slice(0, from)}${START}${HEAD}${table.join("")}${text.slice(to)}`;
}

/**
 * @param {string} file of the text
 * @param {string} noted one figure a line, as JSON
 */
export function writeFigures(file, noted) {
  if (!existsSync(noted)) return;
  const figures = readFileSync(noted, "utf8")
    .split("\n")
    .filter((line) => line !== "")
    .map((line) => JSON.parse(line));
  writeFileSync(file, withFigures(readFileSync(file, "utf8"), figures));
}
