import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  asWhole,
  isBefore,
  isClose,
  isSameCount,
  isSamePercent,
  isSameTime,
  isUpTo,
  PART_BETWEEN,
  wholeFrom,
  wholeUpTo,
} from "./compare";

/** A fraction of a year added up, which a textbook calls its product. */
const summed = (step: number, times: number) =>
  Array.from({ length: times }, () => step).reduce((sum, one) => sum + one, 0);

describe("times", () => {
  test.each([
    ["120 months", summed(1 / 12, 120), 10],
    ["520 weeks", summed(1 / 52, 520), 10],
    ["36,500 days", summed(1 / 365, 36_500), 100],
  ])("%s are the years that they make", (_, one, other) => {
    expect(one).not.toBe(other);
    expect([isSameTime(one, other), isBefore(one, other), isBefore(other, one)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(isUpTo(one, other) && isUpTo(other, one)).toBe(true);
  });

  test("a second is told from none", () => {
    const second = 1 / 365 / 24 / 3600;
    expect([isSameTime(3, 3 + second), isBefore(3, 3 + second), isUpTo(3 + second, 3)]).toEqual([
      false,
      true,
      false,
    ]);
  });

  test("what never ends is the same as itself, and after everything else", () => {
    const never = Number.POSITIVE_INFINITY;
    expect([isSameTime(never, never), isUpTo(never, never), isBefore(never, never)]).toEqual([
      true,
      true,
      false,
    ]);
    expect(isBefore(1000, never)).toBe(true);
  });

  test("of two times either one is before, or the other is, or they are the same", () => {
    const time = fc.double({ min: 0, max: 1000, noNaN: true });
    fc.assert(
      fc.property(time, time, (one, other) => {
        const told = [isBefore(one, other), isBefore(other, one), isSameTime(one, other)];
        expect(told.filter(Boolean)).toHaveLength(1);
        expect(isUpTo(one, other)).toBe(!isBefore(other, one));
      }),
    );
  });
});

describe("counts", () => {
  test.each([
    ["a sum short of 3", 2.9999999999, 3, 3, 3],
    ["a sum beyond 3", 3.0000000001, 3, 3, 3],
    ["2.9", 2.9, 2, 3, null],
    ["nothing", 0, 0, 0, 0],
    ["a million, to its ten digits", 1_000_000.0001, 1_000_000, 1_000_001, 1_000_000],
  ])("%s", (_, count, down, up, whole) => {
    expect([wholeUpTo(count), wholeFrom(count), asWhole(count)]).toEqual([down, up, whole]);
  });

  test("without an end are the same", () => {
    expect(isSameCount(Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY)).toBe(true);
    expect(isSameCount(12, 12 + 1e-10)).toBe(true);
    expect(isSameCount(12, 12.001)).toBe(false);
  });
});

test("percents that are typed are told apart to their last decimal", () => {
  expect(isSamePercent(0.1 + 0.2, 0.3)).toBe(true);
  expect(isSamePercent(5.12345678, 5.12345679)).toBe(false);
});

test.each([
  [100, 100 + 1e-11, PART_BETWEEN.engine, true],
  [100, 100 + 1e-9, PART_BETWEEN.engine, false],
  [-100, -100 - 5e-10, PART_BETWEEN.steps, true],
  [Infinity, Infinity, PART_BETWEEN.anyWay, true],
  [Infinity, 5, PART_BETWEEN.anyWay, false],
  [0, 1e-15, PART_BETWEEN.anyWay, false],
  [0, 0, PART_BETWEEN.engine, true],
])("%p and %p within %p of them: %p", (one, other, part, same) => {
  expect(isClose(one, other, part)).toBe(same);
  expect(isClose(other, one, part)).toBe(same);
});
