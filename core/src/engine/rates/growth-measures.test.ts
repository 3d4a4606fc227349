import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { compoundGrowth } from "./compound-growth";
import { convertRate } from "./convert-rate";
import { nominalRate, realRate } from "./real-rate";

test("the nominal rate of 5% after 2% inflation is 7.1%; below −100% there is none", () => {
  expect(nominalRate(5, 2)).toEqual({ ok: true, value: expect.closeTo(7.1, 12) as unknown });
  expect(nominalRate(-100, 2)).toMatchObject({ issues: [{ path: ["realPercent"] }] });
});

describe("the real rate", () => {
  test.each([
    [7.1, 2, 5],
    [2, 2, 0],
    [0, 25, -20],
    [-50, -50, 0],
    [10, 0, 10],
    // A difference of a hair keeps its digits: 1e-9 over 1.03.
    [3.000000001, 3, 9.708738e-10],
  ])("of %p %% with %p %% inflation is %p %%", (percent, inflation, real) => {
    const found = realRate(percent, inflation);
    expect(found.ok && found.value).toBeCloseTo(real, 12);
  });

  test("and inflation together are the nominal rate", () => {
    const figure = fc.double({ min: -99, max: 1000, noNaN: true });
    fc.assert(
      fc.property(figure, figure, (percent, inflation) => {
        const real = realRate(percent, inflation);
        if (!real.ok) throw new Error("It has one");
        const together = ((1 + real.value / 100) * (1 + inflation / 100) - 1) * 100;
        expect(Math.abs(together - percent)).toBeLessThan(1e-9 * (1 + Math.abs(percent)));
        const nominal = nominalRate(real.value, inflation);
        const apart = Math.abs((nominal.ok ? nominal.value : NaN) - percent);
        expect(apart).toBeLessThan(1e-9 * (1 + Math.abs(percent)));
      }),
    );
  });

  test.each([
    [-100, 2, "percent"],
    [5, -100, "inflationPercent"],
    [5, NaN, "inflationPercent"],
  ])("of %p %% with %p %% inflation does not exist", (percent, inflation, field) => {
    const found = realRate(percent, inflation);
    expect(found.ok ? null : found.issues).toEqual([
      {
        code: "rate-too-low",
        path: [field],
        percent: field === "percent" ? percent : inflation,
        quotation: { quoted: "effective" },
      },
    ]);
  });
});

test("a rate that cannot be restated is told with its place and its quotation", () => {
  const tooLow = convertRate(
    { percent: -1200, quoted: "nominal", compounding: "P1M" },
    { quoted: "effective" },
  );
  expect(tooLow).toEqual({
    ok: false,
    issues: [
      {
        code: "rate-too-low",
        path: ["percent"],
        percent: -1200,
        quotation: { quoted: "nominal", compounding: "P1M" },
      },
    ],
  });
  expect(convertRate({ percent: 1e6, quoted: "continuous" }, { quoted: "effective" })).toEqual({
    ok: false,
    issues: [{ code: "answer-too-large", path: [] }],
  });
});

describe("compound annual growth", () => {
  test.each([
    [100, 121, 2, 10],
    [100, 100, 7, 0],
    [100, 25, 2, -50],
    [1, 1e6, 6, 900],
    [100, 110, 0.5, 21],
  ])("from %p to %p in %p years is %p %%", (from, to, years, percent) => {
    const found = compoundGrowth(from, to, years);
    expect(found.ok && Math.abs(found.value - percent) < 1e-12 * (1 + Math.abs(percent))).toBe(
      true,
    );
  });

  test("keeps its digits where hardly anything grows", () => {
    // 2⁻³⁰ is a number that doubles hold exactly.
    const found = compoundGrowth(1024, 1024 + 2 ** -20, 1);
    expect(found.ok && Math.abs(found.value / (100 * 2 ** -30) - 1)).toBeLessThan(1e-12);
    const far = compoundGrowth(1, 1e-200, 1000);
    expect(far.ok && Math.abs(far.value / (100 * Math.expm1(-0.2 * Math.LN10)) - 1)).toBeLessThan(
      1e-12,
    );
  });

  test("is the same on both sides of where the formula changes", () => {
    for (const ratio of [0.499999, 0.500001, 1.499999, 1.500001]) {
      const found = compoundGrowth(100, 100 * ratio, 3);
      expect(found.ok && found.value).toBeCloseTo((ratio ** (1 / 3) - 1) * 100, 11);
    }
  });

  test.each([
    [0, 5, 1, "growth-undefined"],
    [5, 0, 1, "growth-undefined"],
    [5, -1, 1, "growth-undefined"],
    [5, 6, 0, "growth-undefined"],
    [5, NaN, 1, "growth-undefined"],
    [1e-300, 1e300, 1e-3, "answer-too-large"],
  ])("from %p to %p in %p years is refused as %s", (from, to, years, code) => {
    const found = compoundGrowth(from, to, years);
    expect(found.ok ? null : found.issues).toEqual([{ code, path: [] }]);
  });
});
