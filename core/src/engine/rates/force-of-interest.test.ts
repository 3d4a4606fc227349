import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import cases from "../../../reference/rates.json";
import { convertRate } from "./convert-rate";
import { forceOfInterest, percentFromForce } from "./force-of-interest";
import type { Quotation } from "./quotation";

/** Expected values: 60-digit decimals, see `reference/README.md`. */
describe.each(cases)("$id", ({ from, to, expect: wanted }) => {
  test(`${JSON.stringify(from)} is ${wanted.percent} as ${JSON.stringify(to)}`, () => {
    const converted = convertRate(from as Quotation & { percent: number }, to as Quotation);
    expect(converted.ok).toBe(true);
    if (converted.ok) {
      const exact = Number(wanted.percent);
      expect(Math.abs(converted.value - exact)).toBeLessThanOrEqual(
        Math.max(1e-12 * Math.abs(exact), 1e-10 * Number(exact === 0)),
      );
    }
  });
});

const quotations: fc.Arbitrary<Quotation> = fc.oneof(
  fc
    .constantFrom("P1Y", "P6M", "P3M", "P1M", "P0.5M", "P2W", "P1W", "P1D")
    .chain((compounding) =>
      fc.constantFrom<Quotation>(
        { quoted: "nominal", compounding },
        { quoted: "periodic", compounding },
      ),
    ),
  fc.constantFrom<Quotation>({ quoted: "effective" }, { quoted: "continuous" }),
);

test("a force stated in any quotation is the same force again", () => {
  fc.assert(
    fc.property(fc.double({ min: -2, max: 2, noNaN: true }), quotations, (force, quotation) => {
      const back = forceOfInterest(percentFromForce(force, quotation), quotation);
      expect(back).not.toBeNull();
      expect(Math.abs((back ?? NaN) - force)).toBeLessThanOrEqual(1e-13 * Math.abs(force) + 1e-13);
    }),
  );
});

describe("there is no rate of −100 % per period or below", () => {
  test.each<[number, Quotation]>([
    [-100, { quoted: "effective" }],
    [-100.5, { quoted: "effective" }],
    [-100, { quoted: "periodic", compounding: "P1M" }],
    [-1200, { quoted: "nominal", compounding: "P1M" }],
    [-5000, { quoted: "nominal", compounding: "P1M" }],
  ])("%p %p", (percent, quotation) => {
    expect(forceOfInterest(percent, quotation)).toBeNull();
    const converted = convertRate({ percent, ...quotation }, { quoted: "continuous" });
    expect(converted).toMatchObject({ ok: false, issues: [{ code: "rate-too-low" }] });
  });

  test("but just above it there is, and continuous interest has no such bound", () => {
    expect(forceOfInterest(-1199.9, { quoted: "nominal", compounding: "P1M" })).toBeLessThan(-100);
    expect(forceOfInterest(-5000, { quoted: "continuous" })).toBe(-50);
  });
});

test("a rate near nothing keeps its digits", () => {
  expect(forceOfInterest(1e-14, { quoted: "nominal", compounding: "P1M" })).toBeCloseTo(1e-16, 30);
});

test("a figure past the largest double is said, not given as infinity", () => {
  const converted = convertRate({ percent: 1e6, quoted: "continuous" }, { quoted: "effective" });
  expect(converted).toMatchObject({ ok: false, issues: [{ code: "answer-too-large" }] });
});
