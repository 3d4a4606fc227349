import { describe, expect, test } from "@jest/globals";
import { problemOf, single, stream } from "../../../test/problems";
import { readClaims } from "../../typing/input/read-claims";
import { placeTyped } from "./place-series";
import { tellPlaced } from "./tell-placed";

const loan = problemOf({
  rates: [{ percent: 6.9, quoted: "nominal", compounding: "P1M" }],
  flows: [
    single("loan", "in", 52000, "P0D"),
    stream("pay", "out", null, { every: "P1M", count: 60 }),
    single("balloon", "out", 9000, "P5Y"),
  ],
});

const factor = (rate: number) => (1 - (1 + rate) ** -60) / rate;
const discounted = (rate: number) => 9000 * (1 + rate) ** -60;
const payment = (rate: number) => (52000 - discounted(rate)) / factor(rate);

function verdicts(typed: string): string[] {
  return placeTyped(loan, readClaims(typed)).map(({ placed }) => placed?.verdict ?? "unread");
}

const written = (...values: readonly number[]) =>
  values.map((value) => value.toPrecision(9)).join("; ");

describe("values in their order", () => {
  const [right, wrong] = [0.00575, 0.00585];
  // An effective rate taken for the nominal one.
  const slipped = 1.069 ** (1 / 12) - 1;
  test.each<[string, string, readonly string[]]>([
    [
      "all right",
      written(right, factor(right), discounted(right), payment(right)),
      ["right", "right", "right", "right"],
    ],
    ["rounded, behind commas", "0.00575, 50.6225, 6,380.28", ["right", "right", "right"]],
    ["behind spaces", "0.00575 50.6225 6380.28", ["right", "right", "right"]],
    [
      "a mistake that is known, and what follows from it",
      written(slipped, factor(slipped), payment(slipped)),
      ["explained", "follows-through", "follows-through"],
    ],
    [
      "a rate copied wrongly, and what follows from it",
      written(wrong, factor(wrong), payment(wrong)),
      ["wrong", "follows-through", "follows-through"],
    ],
    [
      "a factor worked out wrongly from the right rate",
      written(right, 51.6225124, discounted(right), (52000 - discounted(right)) / 51.6225124),
      ["right", "wrong", "right", "follows-through"],
    ],
    [
      "a wrong value that is used no further",
      written(right, 77.7777777, discounted(right)),
      ["right", "unexplained", "right"],
    ],
    ["what is no number", "0.00575; abc", ["right", "unread"]],
    ["too few digits to be told from any other", "51; 0.00575", ["unexplained", "right"]],
    ["nothing", " ; ", []],
  ])("%s", (_, typed, wanted) => {
    expect(verdicts(typed)).toEqual(wanted);
  });
});

test("every placing is a sentence that names the step", () => {
  const typed = written(0.00585, factor(0.00585), 0.00575, 123456.789);
  const told = placeTyped(loan, readClaims(typed)).map(({ placed }) => tellPlaced(placed));
  expect(told).toEqual([
    "The first wrong value: what follows uses it as i of step 3. Check that line.",
    "Correct from your own value: that is the value of step 4. The method is right.",
    "Correct: that is i of step 3.",
    "Not in the workings, or in those of a common mistake.",
  ]);
  expect(tellPlaced(null)).toMatch(/not a number/);
});
