import { describe, expect, test } from "@jest/globals";
import { byRunningTotals } from "./running-totals";

const termsOf = (amounts: readonly number[]) =>
  amounts.map((coefficient, exponent) => ({ coefficient, exponent }));

const rootsOf = (amounts: readonly number[]) =>
  byRunningTotals(termsOf(amounts), (force) =>
    amounts.reduce((sum, amount, time) => sum + amount * Math.exp(-force * time), 0),
  );

describe("rates by running totals", () => {
  test.each<[string, number[], number[] | null]>([
    ["that turn twice do not decide", [-1000, 2300, -1320], null],
    ["that turn twice backwards do not decide", [-1320, 2300, -1000], null],
    ["whose sum is nothing have no sign", [-100, 130, -30], null],
    ["whose sum is nothing but rounding have none either", [-0.1, -0.2, 0.3 + 5e-17], null],
    ["that stay on one side leave no rate", [100, -30, 40, 20], []],
    [
      "a total of nothing on the way is passed over",
      [-100, 100, 50],
      [Math.log((1 + 3 ** 0.5) / 2)],
    ],
    ["one on each side", [-100, 260, -150], [Math.log(0.86411), Math.log(1.73589)]],
  ])("%s", (_, amounts, roots) => {
    const near = roots?.map((root) => expect.closeTo(root, 4)) ?? null;
    expect(rootsOf(amounts)).toEqual(near);
  });

  test("large and small amounts are told from rounding by their own size", () => {
    for (const unit of [1e-9, 1, 1e12]) {
      expect(rootsOf([-100, 260, -150].map((amount) => amount * unit))).toHaveLength(2);
    }
  });

  test("a rate that no number can hold is left out", () => {
    const never = byRunningTotals(termsOf([-100, 260, -150]), () => NaN);
    expect(never).toEqual([]);
  });
});
