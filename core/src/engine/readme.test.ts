import { readFileSync } from "node:fs";
import { join } from "node:path";
import { runInNewContext } from "node:vm";
import * as engine from "./index";

const readme = readFileSync(join(__dirname, "README.md"), "utf8");
const code = [...readme.matchAll(/```js\n(.*?)```/gs)].map(([, block]) => block).join("\n");

/** A line of the form `expression; // → value`, or `const name = expression; // → value`. */
const SHOWN = /^(.+?);? \/\/ → (.+)$/gm;

/** The examples of the README in their order, as one program that notes what each line shows and what it is said to be. */
function examplesRun(): [line: string, shown: unknown, said: unknown][] {
  const noted: [string, unknown, unknown][] = [];
  const program = code.replace(
    SHOWN,
    (_, line: string, said: string) => `note(${JSON.stringify(line)}, ${line}, ${said});`,
  );
  const note = (...entry: [string, unknown, unknown]) => noted.push(entry);
  runInNewContext(program, { ...engine, note });
  return noted;
}

test("the examples of the README do what they say", () => {
  const examples = examplesRun();
  expect(examples.length).toBeGreaterThan(12);
  expect(examples.map(([line, shown]) => [line, shown])).toEqual(
    examples.map(([line, , said]) => [line, said]),
  );
});
