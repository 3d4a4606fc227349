import { existsSync, readFileSync } from "node:fs";
import { expect, test } from "@jest/globals";
import { inRoot } from "./folders.mjs";

const PATH =
  /(?<=[`(])(?:contract|core|demo|deploy|docs|e2e|scripts|server|web)\/[\w./-]+(?=[`)#])/g;

test.each(["README.md", "CONTRIBUTING.md"])("every path that %s names is there", (document) => {
  const named = readFileSync(inRoot(document), "utf8").match(PATH) ?? [];
  expect(named.length).toBeGreaterThan(5);
  expect(named.filter((path) => !existsSync(inRoot(path)))).toEqual([]);
});
