import { describe, expect, test } from "@jest/globals";
import type { UnreadCarriedProblem } from "@kestrelmoor/contract";
import { inParts, mergedWords, readNotebookFile } from "./notebook-file";

const fileOf = (text: string, size = text.length): File =>
  ({ size, text: () => Promise.resolve(text) }) as unknown as File;

const carried = (length: number): UnreadCarriedProblem => ({
  id: "5f0c1c1e-8a53-4c5b-9d7e-0d6a3b1f2c4d",
  draft: "x".repeat(length),
  createdAt: "2026-01-31T09:00:00.000Z",
  updatedAt: "2026-01-31T09:00:00.000Z",
  deletedAt: null,
});

const notebook = { format: "kestrelmoor-notebook", version: 1, problems: [carried(5)], desk: {} };

test("a notebook file is read, whatever its drafts are", async () => {
  expect(await readNotebookFile(fileOf(JSON.stringify(notebook)))).toEqual({
    ok: true,
    file: notebook,
  });
});

describe("what is wrong with a file is told", () => {
  test.each<[string, File, RegExp]>([
    ["half a file", fileOf(JSON.stringify(notebook).slice(0, -20)), /a part of it is missing/],
    ["nothing", fileOf("null"), /not a notebook file/],
    ["one problem", fileOf('{"format":"kestrelmoor-problem"}'), /a file of one problem/],
    ["newer", fileOf(JSON.stringify({ ...notebook, version: 2 })), /newer version \(2\)/],
    ["damaged", fileOf(JSON.stringify({ ...notebook, problems: [{}] })), /damaged/],
    ["too large", fileOf("", 1e9), /too large/],
  ])("%s", async (_, file, says) => {
    const read = await readNotebookFile(file);
    expect(read.ok ? "" : read.sentence).toMatch(says);
  });
});

test("a file is taken in parts that one call takes, in order, and nothing is left out", () => {
  const problems = [
    ...Array.from({ length: 250 }, () => carried(10)),
    ...Array.from({ length: 7 }, () => carried(150_000)),
    carried(900_000),
    carried(1),
  ];
  const parts = inParts(problems);
  expect(parts.flat()).toEqual(problems);
  for (const part of parts) {
    expect(part.length).toBeLessThanOrEqual(100);
    if (part.length > 1) expect(JSON.stringify(part).length).toBeLessThan(450_000);
  }
  expect(inParts([])).toEqual([]);
});

test.each([
  [{ added: 0, restored: 0, same: 0, unread: 0 }, "No problem added."],
  [{ added: 1, restored: 0, same: 2, unread: 0 }, "1 problem added. 2 problems were here already."],
  [
    { added: 0, restored: 3, same: 1, unread: 0 },
    "3 problems restored from the bin. 1 problem was here already.",
  ],
  [{ added: 5, restored: 0, same: 0, unread: 1 }, "5 problems added. 1 problem could not be read."],
])("%j is told as %p", (merged, words) => {
  expect(mergedWords(merged)).toBe(words);
});
