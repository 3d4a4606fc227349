import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { plainDecimal } from "./plain-decimal";
import { roundDecimal } from "./round-decimal";
import { sum } from "./sum";

describe("rounding goes by the decimal digits, halves away from zero", () => {
  test.each([
    [1.005, 2, "1.01"],
    [-1.005, 2, "-1.01"],
    [2.675, 2, "2.68"],
    [0.125, 2, "0.13"],
    [-0.001, 2, "0.00"],
    [0, 2, "0.00"],
    [-0, 0, "0"],
    [0.5, 0, "1"],
    [1e-7, 7, "0.0000001"],
    [3e-9, 4, "0.0000"],
    [123456789.01, 2, "123456789.01"],
    [999999999999.995, 2, "1000000000000.00"],
    [9.995, 2, "10.00"],
    [1e21, 2, "1000000000000000000000.00"],
    [0.1 + 0.2, 15, "0.300000000000000"],
  ])("%p to %i decimals is %s", (value, decimals, text) => {
    expect(roundDecimal(value, decimals)).toBe(text);
  });

  test("never further than half a unit away", () => {
    fc.assert(
      fc.property(fc.double({ min: -1e9, max: 1e9, noNaN: true }), fc.nat(6), (value, decimals) => {
        const rounded = Number(roundDecimal(value, decimals));
        expect(Math.abs(rounded - value)).toBeLessThanOrEqual(
          0.5 * 10 ** -decimals + 1e-6 * Number(Math.abs(value) > 1e8) + 1e-12 * Math.abs(value),
        );
      }),
    );
  });
});

test("any number is written out plainly and read back the same", () => {
  fc.assert(
    fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (value) => {
      const text = plainDecimal(value);
      expect(text).toMatch(/^-?\d+(\.\d+)?$/);
      expect(Number(text)).toBe(value === 0 ? 0 : value);
    }),
  );
});

describe("sums", () => {
  test("keep what plain addition loses", () => {
    expect(sum([1e16, 1, -1e16])).toBe(1);
    expect(sum([1, 1e100, 1, -1e100])).toBe(2);
  });

  test("past the largest double are infinite, not undefined", () => {
    expect(sum([1e308, 1e308, -1])).toBe(Infinity);
  });

  test("of whole cents are exact", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -1e9, max: 1e9 })), (cents) => {
        const exact = cents.reduce((total, cent) => total + BigInt(cent), 0n);
        expect(sum(cents)).toBe(Number(exact));
      }),
    );
  });
});
