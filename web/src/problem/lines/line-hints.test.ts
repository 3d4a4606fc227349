import { describe, expect, test } from "@jest/globals";
import {
  quotationKeyOfLine,
  setQuotation,
  SHAPES,
  BLANK_DRAFT,
  readDraft,
  type Draft,
} from "@kestrelmoor/core/typing";
import { daysHint, quotationOptions, rateHint, saidAmountHint, timeHint } from "./line-hints";
import { USUAL_FORMAT } from "@kestrelmoor/core";

function read(
  percent: string,
  amount = "1",
  quoted: "nominal" | "effective" | "periodic" | "continuous" = "nominal",
) {
  const draft: Draft = {
    ...BLANK_DRAFT,
    rates: [
      {
        kind: "rate",
        id: "rate-1",
        percent,
        quoted,
        compounding: "P3M",
        compoundedBy: "words",
        from: "",
      },
    ],
    flows: [{ kind: "single", id: "a", label: "", direction: "in", amount, at: "today" }],
    ask: null,
  };
  const { rates, flows } = readDraft(draft);
  const [rate] = rates;
  const [flow] = flows;
  if (rate === undefined || flow === undefined) throw new Error("Both lines are read");
  return { rate, flow, rates };
}

describe("what a rate implies", () => {
  test.each([
    ["3.15", "nominal", "0.7875% per quarter · 3.1874% effective annual rate"],
    ["1.8", "periodic", "7.3967% effective annual rate"],
    ["5.9", "effective", "annual rate"],
    ["4", "continuous", "4.0811% effective annual rate"],
    ["abc", "nominal", null],
    ["-500", "nominal", null],
  ] as const)("%s %s", (percent, quoted, hint) => {
    expect(rateHint(read(percent, "1", quoted).rate, null, USUAL_FORMAT)).toBe(hint);
  });

  test("an unknown rate implies what was found", () => {
    expect(rateHint(read("?").rate, 3.15, USUAL_FORMAT)).toMatch(/^0.7875/);
  });
});

test.each([
  ["15*12", "15*12 = 180.00"],
  ["12k", "12k = 12,000.00"],
  ["4,500", null],
  ["$ 4,500", null],
  ["?", null],
])("the amount %s is explained as %p", (typed, hint) => {
  const { flow } = read("1", typed);
  if (flow.kind !== "single") throw new Error("An amount was typed");
  expect(saidAmountHint(typed, flow.amount, null, USUAL_FORMAT)).toBe(hint);
});

test("a time is told in years and in the periods of the rate", () => {
  const { rates } = read("3.15");
  expect(timeHint(10 / 3, rates, USUAL_FORMAT)).toBe("3.3333 years from today · 13.3333 quarters");
  expect(timeHint(0, rates, USUAL_FORMAT)).toBeNull();
  expect(timeHint(0.25, rates, USUAL_FORMAT)).toBe("0.25 years from today · 1 quarter");
});

test("a time typed in days says the year that counts them", () => {
  expect(daysHint("90 days", 0.25, "actual/360", USUAL_FORMAT)).toBe(
    "90 days of 360: 0.25 years from today",
  );
  expect(daysHint("73d ago", -0.2, "actual/actual", USUAL_FORMAT)).toBe(
    "73 days of 365: 0.2 years before today",
  );
  expect(daysHint("2 months 3 days", 0.175, "30/360", USUAL_FORMAT)).toBeNull();
  expect(daysHint("today", 0, "actual/365", USUAL_FORMAT)).toBeNull();
});

test("every quotation on offer is the one that is chosen", () => {
  for (const { options } of quotationOptions(
    { quoted: "nominal", compounding: "P4W" },
    "as paid",
  )) {
    for (const { value } of options) {
      const [line] = SHAPES[0]?.start().rates ?? [];
      if (line?.kind !== "rate") throw new Error("The first shape has a rate");
      setQuotation(line, value);
      expect(quotationKeyOfLine(line)).toBe(value);
    }
  }
});
