import { expect, test } from "@jest/globals";
import { figureIn } from "./dragged-phrase";

test.each([
  ["£9,000", "£9,000"],
  ["R640 000", "R640 000"],
  ["A$5,500", "A$5,500"],
  ["over 5 years", "5 years"],
  ["at 6.9% a year, compounded monthly", "6.9% a year, compounded monthly"],
  ["for the next three years", "next three years"],
  ["at the end of each month", "end of each month"],
  ["monthly", "monthly"],
  ["the", "the"],
])("%s is dropped as %s", (phrase, figure) => {
  expect(figureIn(phrase)).toBe(figure);
});
