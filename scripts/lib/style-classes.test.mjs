import { expect, test } from "@jest/globals";
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { inRoot } from "./folders.mjs";

/*
 * A style sheet and the components that use it know each other by names that no type checker compares: a class that
 * is not there is no mistake to it, and one that nobody uses stays for ever.
 */

const SOURCES = inRoot("web/src");
const files = readdirSync(SOURCES, { recursive: true }).map(String);
const read = (path) => readFileSync(join(SOURCES, path), "utf8");

/** The classes of a style sheet: what stands after a dot, but for those that are the whole page's. */
function classesOf(sheet) {
  const rules = read(sheet)
    .replaceAll(/\/\*.*?\*\//gs, "")
    .replaceAll(/:global\([^)]*\)/g, "")
    .replaceAll(/\{[^{}]*\}/g, "{}");
  return new Set([...rules.matchAll(/\.([A-Za-z][A-Za-z0-9]*)/g)].map(([, name]) => name));
}

/** The classes that components ask of each style sheet. */
function usedClasses() {
  const used = new Map();
  for (const path of files.filter((file) => /\.tsx?$/.test(file))) {
    const text = read(path);
    for (const [, name, from] of text.matchAll(/import (\w+) from "([^"]+\.module\.css)"/g)) {
      const sheet = normalize(join(dirname(path), from));
      const own = used.get(sheet) ?? new Set();
      for (const [, one] of text.matchAll(new RegExp(`\\b${name}\\.(\\w+)`, "g"))) own.add(one);
      // One of several alike, by the end of their names.
      for (const [, end] of text.matchAll(
        new RegExp(`\\b${name}\\[\`\\$\\{[^}]*\\}(\\w+)\``, "g"),
      )) {
        for (const one of classesOf(sheet)) if (one.endsWith(end)) own.add(one);
      }
      used.set(sheet, own);
    }
  }
  return used;
}

test("every class that a component asks for is in its style sheet, and none is left over", () => {
  const used = usedClasses();
  const differing = files
    .filter((file) => file.endsWith(".module.css"))
    .flatMap((sheet) => {
      const [there, asked] = [classesOf(sheet), used.get(sheet) ?? new Set()];
      return [
        ...[...asked].filter((name) => !there.has(name)).map((name) => `${sheet} has no .${name}`),
        ...[...there]
          .filter((name) => !asked.has(name))
          .map((name) => `${sheet} .${name} is unused`),
      ];
    });
  expect(differing).toEqual([]);
});
