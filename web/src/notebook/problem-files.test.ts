import { describe, expect, test } from "@jest/globals";
import { PROBLEM_FILE_EXTENSION } from "@kestrelmoor/core";
import { fileNameOf } from "../ui/save-as-file";
import { openProblemFile } from "./problem-files";
import { USUAL_FORMAT } from "@kestrelmoor/core";

/** What the page needs of a file; the one of this test environment has no text. */
function fileOf(text: string, size = text.length): File {
  return { size, text: () => Promise.resolve(text) } as unknown as File;
}

const problem = {
  format: "kestrelmoor-problem",
  version: 1,
  title: "From a file",
  rates: [{ percent: 5, quoted: "effective" }],
  flows: [{ id: "a", kind: "single", direction: "in", amount: 1234.5, at: "P18M" }],
};

test("a file becomes a draft", async () => {
  const opened = await openProblemFile(fileOf(JSON.stringify(problem)), USUAL_FORMAT);
  expect(opened).toMatchObject({
    ok: true,
    draft: { title: "From a file", flows: [{ amount: "1,234.5", at: "18 months" }] },
  });
});

describe("what is wrong with a file is told in sentences", () => {
  test.each<[string, File, RegExp]>([
    ["not JSON", fileOf("honey"), /This file is not JSON/],
    ["of another kind", fileOf("{}"), /This is not a problem file/],
    ["newer", fileOf(JSON.stringify({ ...problem, version: 9 })), /from a newer version \(9/],
    ["too large", fileOf("", 5_000_000), /The file is too large/],
    [
      "with a fault inside",
      fileOf(JSON.stringify({ ...problem, flows: [] })),
      /^At flows: There are too few/,
    ],
  ])("%s", async (_, file, says) => {
    const opened = await openProblemFile(file, USUAL_FORMAT);
    expect(opened.ok ? "" : opened.sentences.join(" ")).toMatch(says);
  });

  test("not more of them than can be read", async () => {
    const flows = Array.from({ length: 20 }, () => ({ kind: "river" }));
    const opened = await openProblemFile(
      fileOf(JSON.stringify({ ...problem, flows })),
      USUAL_FORMAT,
    );
    expect(opened.ok ? [] : opened.sentences).toHaveLength(6);
  });
});

test.each([
  ["Extractor fund", "extractor-fund.problem.json"],
  ["  ¿Qué? / 2 ", "qué-2.problem.json"],
  ["", "problem.problem.json"],
  ["../..", "problem.problem.json"],
])("%p is kept as %s", (title, name) => {
  expect(fileNameOf(title, PROBLEM_FILE_EXTENSION)).toBe(name);
});
