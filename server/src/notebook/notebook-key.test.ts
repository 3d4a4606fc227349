import { expect, test } from "@jest/globals";
import { hashOfKey, newNotebookKey, readNotebookKey } from "./notebook-key";

test("a key has seven words, each time others, and is read back", () => {
  const keys = Array.from({ length: 200 }, newNotebookKey);
  expect(new Set(keys).size).toBe(200);
  for (const key of keys) {
    expect(key).toMatch(/^([a-z]{3,8} ){6}[a-z]{3,8}$/);
    expect(readNotebookKey(key)).toEqual({ key });
  }
  expect(new Set(keys.map(hashOfKey)).size).toBe(200);
});

const key = "abandon ability able about above absent absorb";
test.each([
  ["in capitals", key.toUpperCase()],
  ["with commas and lines", key.replaceAll(" ", ",\n ")],
  ["numbered", key.replaceAll(/\w+/g, (word) => `3. ${word}`)],
  ["with hyphens", key.replaceAll(" ", "-")],
  ["with four letters of each word", key.replaceAll(/\w+/g, (word) => word.slice(0, 4))],
])("%s it is the same key", (_, typed) => {
  expect(readNotebookKey(typed)).toEqual({ key });
});

test.each([
  [key.replace("able", "abel"), "“abel” is not a word of a notebook key. Check its spelling."],
  [
    key.replace("above", "abovely"),
    "“abovely” is not a word of a notebook key. Check its spelling.",
  ],
  [`${key} absurd`, "A notebook key has 7 words. This has 8 words."],
  ["absurd", "A notebook key has 7 words. This has 1 word."],
  ["12 34", "A notebook key has 7 words. This has 0 words."],
  ["x".repeat(399), `“${"x".repeat(40)}” is not a word of a notebook key. Check its spelling.`],
])("%s: %s", (typed, fault) => {
  expect(readNotebookKey(typed)).toEqual({ fault });
});
