import { describe, expect, test } from "@jest/globals";
import { forceAbove, forceBelow, uniqueForce } from "./unique-force";

const NONE = Number.NEGATIVE_INFINITY;
/** Money that turns once: above its root it has the sign of the earliest money, here 1. */
const through = (root: number) => (force: number) => force - root;

describe("the one force of interest that balances", () => {
  test.each([0.05, 0.1, 0, -0.05, 3, -3, 400, -400, 1e6, -1e6])("is %d", (root) => {
    expect(uniqueForce(through(root), 1, NONE)).toBeCloseTo(root, 8);
    expect(uniqueForce((force) => root - force, -1, NONE)).toBeCloseTo(root, 8);
  });

  test.each([0.0301, 0.05, 0.5, 60])("is %d, above what payments for ever need", (root) => {
    // As for ever has it: beyond all bounds as the force comes near the least one.
    const balance = (force: number) => {
      expect(force).toBeGreaterThan(0.03);
      return 1 / (root - 0.03) - 1 / (force - 0.03);
    };
    expect(uniqueForce(balance, 1, 0.03)).toBeCloseTo(root, 8);
  });

  test("may be below zero for payments for ever that shrink", () => {
    const balance = (force: number) => {
      expect(force).toBeGreaterThan(-0.2);
      return 1 / 0.1 - 1 / (force + 0.2);
    };
    expect(uniqueForce(balance, 1, -0.2)).toBeCloseTo(-0.1, 9);
  });

  test("above any rate that can be written it is infinite, and below there is none", () => {
    expect(uniqueForce(through(1e8), 1, NONE)).toBe(Infinity);
    expect(uniqueForce(through(-1e8), 1, NONE)).toBeNull();
  });

  test("is not claimed where the balance has no value", () => {
    expect(uniqueForce(() => NaN, 1, NONE)).toBeNull();
    const upTo = (force: number) => (force > 1 ? NaN : -1);
    expect(forceAbove(upTo, 0, 1)).toBeNull();
    const downTo = (force: number) => (force < -1 ? NaN : 1);
    expect(forceBelow(downTo, 0, 1, NONE)).toBeNull();
  });

  test("is found within few looks, as sweeps ask for thousands", () => {
    let looks = 0;
    const balance = (force: number) => {
      looks += 1;
      return 1 - Math.exp(-5 * (force - 0.07));
    };
    expect(uniqueForce(balance, 1, NONE)).toBeCloseTo(0.07, 12);
    expect(looks).toBeLessThan(14);
  });
});
