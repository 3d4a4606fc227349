import { describe, expect, test } from "@jest/globals";
import { evaluate } from "../../workings/mathematics/evaluate";
import { number } from "../../workings/mathematics/expression";
import { FACTORS } from "../../workings/mathematics/factors";
import { nearZero } from "./near-zero";

function named(name: string) {
  const factor = FACTORS.find((one) => one.name === name);
  if (factor === undefined) throw new Error(`There is no factor ${name}`);
  return factor;
}

/** Payments valued one by one, one period before the first. */
function valued(amount: (k: number) => number, rate: number, count: number): number {
  let value = 0;
  for (let k = count - 1; k >= 0; k -= 1)
    value += amount(k) * Math.exp(-(k + 1) * Math.log1p(rate));
  return value;
}

const CASES: readonly (readonly [
  string,
  readonly number[],
  (args: readonly number[]) => number,
])[] = [
  ["level-present", [1e-9, 360], ([i = 0, n = 0]) => valued(() => 1, i, n)],
  ["level-present", [-2e-5, 900], ([i = 0, n = 0]) => valued(() => 1, i, n)],
  ["level-future", [5e-8, 240], ([i = 0, n = 0]) => valued(() => 1, i, n) * (1 + i) ** n],
  [
    "growing-present",
    [0.03, 0.03000001, 40],
    ([i = 0, g = 0, n = 0]) => valued((k) => (1 + g) ** k, i, n),
  ],
  [
    "growing-future",
    [0.03, 0.02999, 40],
    ([i = 0, g = 0, n = 0]) => valued((k) => (1 + g) ** k, i, n) * (1 + i) ** n,
  ],
  ["steps-present", [1e-7, 120], ([i = 0, n = 0]) => valued((k) => k, i, n)],
  ["steps-present", [1.5e-4, 120], ([i = 0, n = 0]) => valued((k) => k, i, n)],
];

describe("near zero a series takes the place of the formula", () => {
  test.each(CASES)("%s of %j", (name, args, byHand) => {
    const near = nearZero(named(name), args.map(number));
    expect(near).not.toBeNull();
    const value = near === null ? NaN : evaluate(near.series);
    expect(Math.abs(value / byHand(args) - 1)).toBeLessThan(1e-11);
  });

  test.each([
    ["level-present", [0.01, 60]],
    ["growing-present", [0.05, 0.02, 25]],
    ["steps-present", [0.03, 14]],
    ["growth", [1e-9, 12]],
  ] as const)("%s of %j has all its digits", (name, args) => {
    expect(nearZero(named(name), args.map(number))).toBeNull();
  });
});
