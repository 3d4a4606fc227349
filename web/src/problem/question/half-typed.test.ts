import { expect, test } from "@jest/globals";
import { readQuestion } from "@kestrelmoor/core/question";
import { isEnded, isHalfTyped } from "./half-typed";

test.each([
  ["A potter borrows £8,000 at 9% and", false],
  ["Find the payment.", true],
  ["“Find the payment.” ", true],
  ["(Find the payment.)", true],
])("%s", (text, ended) => {
  expect(isEnded(text)).toBe(ended);
});

test.each([
  ["A potter borrows £8,000 at 9% compounded monthly and repays", true],
  // Its last sentence has an end, and asks nothing.
  ["A potter borrows £8,000 at 9% compounded monthly.", false],
  // It asks, and only lacks its end.
  ["What does £8,000 become in 3 years at 9% compounded monthly", false],
])("%s", (text, half) => {
  expect(isHalfTyped(text, readQuestion(text))).toBe(half);
});
