import { describe, expect, test } from "@jest/globals";
import { tokensOf } from "../text/tokens";
import { findMarks } from "./find-marks";
import { addSpans, periodsIn, timesSpan, yearsIn } from "./span";

/** The figures of a text, each as its kind and value. */
function figures(text: string): string[] {
  return findMarks(tokensOf(text)).flatMap(({ quantity, phrase }) => {
    if (quantity === undefined) return phrase?.iso === undefined ? [] : [phrase.iso];
    if (quantity.is === "span" || quantity.is === "date") return [quantity.iso];
    const currency = quantity.is === "money" ? (quantity.currency ?? "$") : "";
    const sign = quantity.is === "percent" ? "%" : "";
    return [`${currency}${quantity.value}${sign}`];
  });
}

describe("amounts in every national style", () => {
  test.each([
    ["$7,400.50", "$7400.5"],
    ["€7.400,50", "EUR7400.5"],
    ["7 400,50 €", "EUR7400.5"],
    ["CHF 14'500", "CHF14500"],
    ["Rs. 3,00,000", "INR300000"],
    ["R14,50", "ZAR14.5"],
    ["R186 000", "ZAR186000"],
    ["A$20,000", "AUD20000"],
    ["£12k", "GBP12000"],
    ["€1.2m", "EUR1200000"],
    ["1.5 million euros", "EUR1500000"],
    ["twelve hundred pounds", "GBP1200"],
    ["two thousand five hundred dollars", "$2500"],
    ["12 grand", "$12000"],
    ["25 bucks", "$25"],
    ["-42,000", "-42000"],
    ["−$500", "$-500"],
  ])("%s", (text, wanted) => {
    expect(figures(text)).toEqual([wanted]);
  });

  test("a comma is a decimal point where one figure of the text says so", () => {
    expect(figures("12.500 € zu 3,5 %")).toEqual(["EUR12500", "3.5%"]);
    expect(figures("12.500 dollars at 3.5%")).toEqual(["$12.5", "3.5%"]);
  });
});

test.each([
  ["5.2%", "5.2%"],
  ["10,4%", "10.4%"],
  ["4 3/8%", "4.375%"],
  ["4½ per cent", "4.5%"],
  ["three and a half per cent", "3.5%"],
  ["five percent", "5%"],
  ["4,375%", "4.375%"],
])("a percentage: %s", (text, wanted) => {
  expect(figures(text)).toEqual([wanted]);
});

test.each([
  ["40 months", "P3Y4M"],
  ["5 1/2 years", "P5Y6M"],
  ["three years and nine months", "P3Y9M"],
  ["two and a quarter years", "P2Y3M"],
  ["a year and a half", "P1Y6M"],
  ["half a year", "P6M"],
  ["14 yrs", "P14Y"],
  ["18-month", "P1Y6M"],
  ["ten quarters", "P2Y6M"],
  ["a decade", "P10Y"],
  ["31 January 2028", "2028-01-31"],
  ["January 31, 2028", "2028-01-31"],
  ["the 3rd of May 2026", "2026-05-03"],
  ["2027-03-01", "2027-03-01"],
])("a time: %s", (text, wanted) => {
  expect(figures(text)).toEqual([wanted]);
});

test("an amount with how often it is paid is two facts, and a rate likewise", () => {
  expect(figures("€1,050 a month")).toEqual(["EUR1050", "P1M"]);
  expect(figures("1.6% a week from then on")).toEqual(["1.6%", "P1W"]);
  expect(figures("$1,200 a year from now")).toEqual(["$1200", "P1Y"]);
});

test("what a list leaves out of its later members is filled in", () => {
  expect(figures("gets $3,900 after one year, 7,200 after two and 8,400 after three")).toEqual([
    "$3900",
    "P1Y",
    "$7200",
    "P1Y",
    "$8400",
    "P1Y",
  ]);
  const text = "$5,200 in the first year and $6,800 in each of the third, fourth and fifth";
  const numbers = findMarks(tokensOf(text)).flatMap(({ phrase }) =>
    phrase === undefined ? [] : [phrase.numbers],
  );
  expect(numbers).toEqual([[1], [3, 4, 5]]);
});

test("lengths of time are counted in their own units", () => {
  expect(timesSpan(2.5, "P1Y")).toBe("P2Y6M");
  expect(timesSpan(3, "P2W")).toBe("P6W");
  expect(addSpans("P25Y", "P5Y", -1)).toBe("P20Y");
  expect(addSpans("P10M", "P1M", -1)).toBe("P9M");
  expect(periodsIn("P3Y", "P4W")).toBe(39);
  expect(periodsIn("P1Y", "P5M")).toBeNull();
  expect(yearsIn("P18M")).toBe(1.5);
});
