import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { roundTicks, ticksWithin, wholeTicksWithin } from "./round-ticks";
import { timeStep, timeTicks } from "./time-steps";

describe("ticks at round figures", () => {
  test.each([
    [2845.95, 9116.81, 2000, 10_000],
    [0.003, 0.0081, 0.003, 0.009],
    [5, 5, 4, 6],
    [-3, 12, -5, 15],
    [0, 123_456_789.01, 0, 150_000_000],
  ])("for %p to %p go from %p to %p", (least, most, low, high) => {
    expect(roundTicks(least, most)).toMatchObject({ low, high });
  });

  test("enclose whatever is drawn, its ends among them, and stand few enough to be read", () => {
    const figure = fc.integer({ min: -1e14, max: 1e14 }).map((cents) => cents / 100);
    fc.assert(
      fc.property(figure, figure, (one, other) => {
        const [least, most] = [Math.min(one, other), Math.max(one, other)];
        const { ticks, low, high } = roundTicks(least, most);
        expect(low).toBeLessThanOrEqual(least);
        expect(high).toBeGreaterThanOrEqual(most);
        expect(ticks[0]).toBe(low);
        expect(ticks.at(-1)).toBe(high);
        expect(ticks.length).toBeLessThanOrEqual(7);
      }),
    );
  });

  test("within a range stay within it, and are whole where only whole figures are", () => {
    expect(ticksWithin(0.03, 0.11, 8)).toEqual([
      0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.09, 0.1, 0.11,
    ]);
    expect(wholeTicksWithin(0, 3)).toEqual([0, 1, 2, 3]);
    expect(wholeTicksWithin(1, 360)).toEqual([50, 100, 150, 200, 250, 300, 350]);
  });
});

describe("ticks of time", () => {
  test.each([
    [0.5, 8, 7, 1 / 12],
    [3, 8, 7, 0.5],
    [25, 8, 6, 5],
    [300, 8, 7, 50],
    [3000, 4, 2, 3000],
  ])("over %p years, %p at the most, are %p, each %p after the last", (span, most, count, step) => {
    expect(timeStep(span, most)).toBe(step);
    expect(timeTicks(span, most)).toHaveLength(count);
    expect(timeTicks(span, most)[1]).toBeCloseTo(step, 9);
  });
});
