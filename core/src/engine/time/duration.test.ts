import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { durationInYears, formatDuration, frequencyOf, parseDuration, yearsOf } from "./duration";

test.each([
  ["P2Y6M", 2.5],
  ["P0D", 0],
  ["P1Y", 1],
  ["P1M", 1 / 12],
  ["P0.5M", 1 / 24],
  ["P4W", 4 / 52],
  ["P26W", 0.5],
  ["P73D", 0.2],
  ["P1Y1M1W1D", 1 + 1 / 12 + 1 / 52 + 1 / 365],
  ["P1,5Y", 1.5],
])("%s is %p years", (text, years) => {
  expect(yearsOf(text)).toBeCloseTo(years, 15);
});

test.each(["", "P", "2Y", "PT1H", "P1H", "-P1Y", "P-1Y", "P1.5Y6M", "P1M1Y", "P1Y ", "P1e3Y"])(
  "%p is not a duration",
  (text) => {
    expect(parseDuration(text)).toBeNull();
  },
);

test("what parsing has refused is a programmer's mistake", () => {
  expect(() => yearsOf("soon")).toThrow(TypeError);
});

describe("frequencies are whole numbers where the textbook has them", () => {
  test.each([
    ["P1Y", 1],
    ["P6M", 2],
    ["P4M", 3],
    ["P3M", 4],
    ["P2M", 6],
    ["P1M", 12],
    ["P0.5M", 24],
    ["P4W", 13],
    ["P2W", 26],
    ["P1W", 52],
    ["P1D", 365],
    ["P2Y", 0.5],
  ])("%s happens %p times a year", (every, times) => {
    expect(frequencyOf(every)).toBe(times);
  });

  test("a mixed period is the inverse of its length", () => {
    expect(frequencyOf("P1M1W")).toBeCloseTo(1 / (1 / 12 + 1 / 52), 14);
  });
});

test("writing and reading back changes nothing", () => {
  const count = fc.nat(999);
  fc.assert(
    fc.property(count, count, count, fc.double({ min: 0, max: 500, noNaN: true }), (y, m, w, d) => {
      const duration = { years: y, months: m, weeks: w, days: d };
      const back = parseDuration(formatDuration(duration));
      expect(back).not.toBeNull();
      if (back !== null) {
        expect(durationInYears(back)).toBeCloseTo(durationInYears(duration), 12);
      }
    }),
  );
});
