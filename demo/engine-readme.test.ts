import { expect, test } from "@jest/globals";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { runInThisContext } from "node:vm";
import * as engine from "@kestrelmoor/core/engine";

/** Each line of an example that says what it comes to, with what it comes to. */
type Told = [code: string, found: unknown, wanted: unknown][];

/** The examples of the README, one after the other; what a line says that it comes to is told beside it. */
function examples(): string {
  const text = readFileSync(join(__dirname, "../core/src/engine/README.md"), "utf8");
  return [...text.matchAll(/```js\n(.*?)```/gs)]
    .map(([, code = ""]) => code)
    .join("\n")
    .replace(
      /^(.+); \/\/ → (.+)$/gm,
      (_, code: string, wanted: string) =>
        `told.push([${JSON.stringify(code)}, ${code}, ${wanted}]);`,
    );
}

test("what the README shows comes to what it says", () => {
  const names = Object.keys(engine);
  const run = runInThisContext(`(told, ${names.join(", ")}) => { ${examples()} }`) as (
    ...args: readonly unknown[]
  ) => void;
  const told: Told = [];
  run(told, ...Object.values(engine));
  expect(told.length).toBeGreaterThan(10);
  for (const [code, found, wanted] of told) expect([code, found]).toEqual([code, wanted]);
});
