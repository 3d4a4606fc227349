import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import type { PaymentRun } from "../../flows/payment-run";
import { runOfOne } from "../../flows/run-of-one";
import { refinedNearZero } from "./near-zero";

const level = (amount: number, first: number, frequency: number, count: number): PaymentRun => ({
  ...runOfOne(amount, first),
  frequency,
  count,
});

/** The root of total + Σ payment·(e^(−δt) − 1), payment by payment: no difference of large numbers in it. */
function rootOf(runs: readonly PaymentRun[], total: number, highest: number): number {
  const f = (force: number) =>
    runs.reduce((sum, { amount, first, frequency, count }) => {
      let own = sum;
      for (let index = 0; index < count; index += 1) {
        own += amount * Math.expm1(-force * (first + index / frequency));
      }
      return own;
    }, total);
  let [low, high] = [-highest, highest];
  for (let step = 0; step < 200; step += 1) {
    const middle = (low + high) / 2;
    if (Math.sign(f(middle)) === Math.sign(f(low))) low = middle;
    else high = middle;
  }
  return low;
}

describe("a force of interest near zero", () => {
  test("keeps the digits that the amounts themselves have, whatever the payments", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90_000_000 }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom(1, 4, 12, 52),
        fc.integer({ min: -300, max: 300 }).filter((cents) => cents !== 0),
        (cents, count, frequency, interest) => {
          fc.pre(Math.abs(interest) < (cents * count) / 1e6);
          const runs = [
            runOfOne((cents * count - interest) / 100, 0),
            level(-cents / 100, 1 / frequency, frequency, count),
          ];
          const exact = rootOf(runs, -interest / 100, 1e-3);
          const refined = refinedNearZero(runs, exact * (1 + 1e-5));
          expect(Math.abs(refined / exact - 1)).toBeLessThan(1e-11);
        },
      ),
    );
  });

  test.each<[string, PaymentRun[], number]>([
    ["it is zero", [runOfOne(100, 0), runOfOne(-100, 1)], 0],
    ["it is not near zero", [runOfOne(100, 0), runOfOne(-200, 1)], 0.7],
    ["years make it large", [runOfOne(100, 0), runOfOne(-100.01, 900)], 1e-4],
    ["payments grow", [runOfOne(300, 0), { ...level(-100, 1, 1, 3), logGrowth: 1e-6 }], 1e-6],
    ["payments rise", [runOfOne(300, 0), { ...level(-100, 1, 1, 3), step: 1e-4 }], 1e-6],
    ["there is a part of a payment", [runOfOne(250, 0), level(-100.0001, 1, 1, 2.5)], 1e-6],
    ["the correction would be no mere correction", [runOfOne(100, 0), runOfOne(-100.01, 1)], 5e-5],
  ])("is left as it is where %s", (_, runs, force) => {
    expect(refinedNearZero(runs, force)).toBe(force);
  });

  test("is made better where it is not: one payment a year later", () => {
    const runs = [runOfOne(100, 0), runOfOne(-100.01, 1)];
    expect(refinedNearZero(runs, 1.0001e-4)).toBeCloseTo(Math.log1p(0.0001), 18);
  });
});
