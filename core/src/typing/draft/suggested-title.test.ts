import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { suggestedTitle } from "./suggested-title";

test.each([
  [
    "A honey extractor costs 86,000. Brackenside Mutual lends all of it at 7.4% a year.",
    "A honey extractor costs 86,000",
  ],
  [
    "The cooperative puts 140 into its hive fund at the end of every month.",
    "The cooperative puts 140 into its hive",
  ],
  ["Find the payment on a loan of 64,000?", "The payment on a loan of 64,000"],
  ["What is 5,000 worth in ten years, at 4%?", "5,000 worth in ten years, at 4%"],
  ["  ", null],
  ["12 + 13", null],
  ["A .", "A"],
  ["Bees , and", "Bees"],
])("%p is called %p", (question, title) => {
  expect(suggestedTitle(question)).toBe(title);
});

test("whatever is asked, it is short and a part of the question", () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200 }), (question) => {
      const title = suggestedTitle(question);
      if (title === null) return;
      expect(title.length).toBeLessThanOrEqual(44 + 1);
      expect(title.trim()).toBe(title);
    }),
    { numRuns: 1000 },
  );
});
