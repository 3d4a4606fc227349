import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  exponentialSumRoots,
  gatherTerms,
  signChanges,
  type ExponentialTerm,
} from "./exponential-sum-roots";
import { rootInBracket } from "./root-in-bracket";

describe("a root in a bracket", () => {
  test.each<[string, (x: number) => number, number, number, number]>([
    ["x² − 2", (x) => x * x - 2, 0, 2, Math.SQRT2],
    ["cos x − x", (x) => Math.cos(x) - x, 0, 1, 0.7390851332151607],
    ["x³", (x) => x ** 3, -1, 2, 0],
    ["steep", (x) => Math.expm1(50 * (x - 0.3)), 0, 1, 0.3],
    ["an end of the bracket", (x) => x - 1, 1, 2, 1],
  ])("%s", (_, f, low, high, root) => {
    expect(rootInBracket(f, low, high)).toBeCloseTo(root, 12);
  });

  // Bisection alone would take more than fifty looks at each.
  test.each<[string, (x: number) => number, number, number, number]>([
    ["a curve", (x) => Math.exp(x) - 3, 0, 2, 10],
    ["from above", (x) => 2 - x * x, 2, 0, 10],
    ["a straight line", (x) => 3 * x - 1, 0, 2, 3],
    ["a steep one", (x) => Math.tanh(80 * (x - 0.7)), 0, 2, 13],
    ["a discount factor", (x) => (1 + x) ** -30 - 0.2, -0.5, 10, 21],
    ["far away", (x) => Math.log(x) - 20, 1, 1e12, 20],
    ["levelling off", (x) => 1e-3 - Math.exp(-x), -3, 50, 15],
    ["a high power", (x) => x ** 9 - 1e-3, -1, 4, 20],
    ["an arch", (x) => Math.atan(20 * (x - 0.4)) + 0.3, -1, 3, 13],
  ])("%s takes few looks", (_, f, low, high, most) => {
    let looks = 0;
    const root = rootInBracket(
      (x) => {
        looks += 1;
        return f(x);
      },
      low,
      high,
    );
    expect(f(root ?? NaN)).toBeCloseTo(0, 12);
    expect(looks).toBeLessThanOrEqual(most);
  });

  test("a flat one takes many looks, and not for ever", () => {
    let looks = 0;
    const root = rootInBracket(
      (x) => {
        looks += 1;
        return (x - 0.7) ** 3;
      },
      0,
      2,
    );
    expect(root).toBeCloseTo(0.7, 12);
    expect(looks).toBeLessThanOrEqual(160);
  });

  test("stays in its bracket", () => {
    const f = (x: number) => {
      expect(x).toBeGreaterThanOrEqual(-1);
      expect(x).toBeLessThanOrEqual(3);
      return Math.atan(20 * (x - 0.4)) + 0.3;
    };
    expect(f(rootInBracket(f, -1, 3) ?? NaN)).toBeCloseTo(0, 13);
  });

  test("is never claimed where the function only jumps", () => {
    expect(rootInBracket((x) => 1 / (x - 0.3), 0, 1)).toBeNull();
  });

  test("is not looked for without a change of sign", () => {
    expect(() => rootInBracket((x) => x * x + 1, -1, 1)).toThrow(RangeError);
    expect(() => rootInBracket(() => NaN, -1, 1)).toThrow(RangeError);
  });
});

/** Terms of Π (1 − r_k·e^(−x)), whose roots are ln r_k: expanded by hand, flow by flow. */
function termsWithRoots(growths: readonly number[]): ExponentialTerm[] {
  let coefficients = [1];
  for (const growth of growths) {
    const next = Array<number>(coefficients.length + 1).fill(0);
    coefficients.forEach((coefficient, power) => {
      next[power] = (next[power] ?? 0) + coefficient;
      next[power + 1] = (next[power + 1] ?? 0) - coefficient * growth;
    });
    coefficients = next;
  }
  return gatherTerms(coefficients.map((coefficient, exponent) => ({ coefficient, exponent })));
}

describe("terms of a sum of exponentials", () => {
  test("are brought into order, added up where they fall on one date, and dropped where they cancel", () => {
    expect(
      gatherTerms([
        { coefficient: 5, exponent: 2 },
        { coefficient: -1, exponent: 0 },
        { coefficient: 3, exponent: 2 + 5e-10 },
        { coefficient: 4, exponent: 1 },
        { coefficient: -4, exponent: 1 },
        { coefficient: 7, exponent: 2 + 5e-9 },
      ]),
    ).toEqual([
      { coefficient: -1, exponent: 0 },
      { coefficient: 8, exponent: 2 },
      { coefficient: 7, exponent: 2 + 5e-9 },
    ]);
  });

  test.each([
    [[1, 2, 3], 0],
    [[1, -2, 3], 2],
    [[-1, -2, 3, 4, -5], 2],
    [[-1], 0],
    [[], 0],
  ])("the signs of %j change %d times", (coefficients, changes) => {
    const terms = coefficients.map((coefficient, exponent) => ({ coefficient, exponent }));
    expect(signChanges(terms)).toBe(changes);
  });
});

describe("the root of two terms has every digit", () => {
  test.each([2 ** -40, 0.25, 0.4375, 0.5625, 2, 1e6, -0.25, -0.4375, -0.5625, -0.999])(
    "a growth of %d",
    (growth) => {
      const terms = [
        { coefficient: -3, exponent: 0.3 },
        { coefficient: 3 * (1 + growth), exponent: 7.7 },
      ];
      const [root = NaN] = exponentialSumRoots(terms);
      expect(root / (Math.log1p(growth) / 7.4)).toBeCloseTo(1, 14);
    },
  );
});

describe("all roots of a sum of exponentials", () => {
  test("that lie close to each other keep what digits the terms have", () => {
    const growths = [1.1, 1.1001, 1.4];
    const found = exponentialSumRoots(termsWithRoots(growths));
    expect(found).toHaveLength(3);
    growths.forEach((growth, index) => expect(found[index]).toBeCloseTo(Math.log(growth), 10));
  });

  test.each([400, -400, 0.001, -0.001])("may lie anywhere: at %d", (root) => {
    const terms = [
      { coefficient: -1, exponent: 0 },
      { coefficient: 0.5 * Math.exp(root), exponent: 1 },
      { coefficient: 0.5 * Math.exp(root * 1.25), exponent: 1.25 },
    ];
    expect(exponentialSumRoots(terms)).toEqual([expect.closeTo(root, 9)]);
  });

  test("that no number can hold are left out", () => {
    const terms = [
      { coefficient: -1, exponent: 0 },
      { coefficient: 1e300, exponent: 1e-320 },
      { coefficient: 1e300, exponent: 2e-320 },
    ];
    expect(exponentialSumRoots(terms)).toEqual([]);
  });

  test("are those it was made of, none missed and none invented", () => {
    const growth = fc.integer({ min: 2, max: 40 }).map((part) => part / 10);
    fc.assert(
      fc.property(fc.uniqueArray(growth, { minLength: 1, maxLength: 5 }), (growths) => {
        const found = exponentialSumRoots(termsWithRoots(growths));
        const wanted = growths.map(Math.log).sort((one, other) => one - other);
        expect(found).toHaveLength(wanted.length);
        wanted.forEach((root, index) => expect(found[index]).toBeCloseTo(root, 6));
      }),
    );
  });

  test.each([
    ["none, as the signs never change", [1, 2, 3], []],
    ["none, although they change twice", [1, -1, 1], []],
    ["one that only touches", [1, -2.3, 1.3225], [Math.log(1.15)]],
    ["ten and twenty percent", [-1000, 2300, -1320], [Math.log(1.1), Math.log(1.2)]],
    ["three, one of them where nothing grows", [-1, 3.3, -3.5, 1.2], undefined],
  ])("%s", (_, amounts, roots) => {
    const terms = gatherTerms(amounts.map((coefficient, exponent) => ({ coefficient, exponent })));
    const found = exponentialSumRoots(terms);
    if (roots === undefined) {
      expect(found).toHaveLength(3);
      expect(found).toContainEqual(expect.closeTo(0, 12));
    } else {
      expect(found).toHaveLength(roots.length);
      roots.forEach((root, index) => expect(found[index]).toBeCloseTo(root, 7));
    }
  });

  test("keep their digits near zero", () => {
    const [root] = exponentialSumRoots([
      { coefficient: -1, exponent: 0 },
      { coefficient: 1 + 2 ** -40, exponent: 1 },
    ]);
    expect((root ?? NaN) / Math.log1p(2 ** -40)).toBeCloseTo(1, 12);
  });

  test("do not depend on even spacing: every root is a root, and signs agree between them", () => {
    const term = fc.record({
      coefficient: fc.integer({ min: -900, max: 900 }).filter((value) => value !== 0),
      exponent: fc.nat(30 * 365).map((days) => days / 365),
    });
    fc.assert(
      fc.property(fc.array(term, { minLength: 2, maxLength: 7 }), (raw) => {
        const terms = gatherTerms(raw);
        const roots = exponentialSumRoots(terms);
        const at = (x: number) =>
          terms.reduce(
            (total, { coefficient, exponent }) => total + coefficient * Math.exp(-x * exponent),
            0,
          );
        for (const root of roots.filter((x) => Math.abs(x) < 15)) {
          const size = terms.reduce(
            (total, { coefficient, exponent }) =>
              total + Math.abs(coefficient) * Math.exp(-root * exponent) * (1 + exponent),
            0,
          );
          expect(Math.abs(at(root)) / size).toBeLessThan(1e-9);
        }
        // A scan on a fine grid, blind to all theory, sees no change of sign that was not found.
        for (let x = -2; x < 2; x += 0.01) {
          const between = roots.some((root) => root >= x - 1e-9 && root <= x + 0.01 + 1e-9);
          if (at(x) * at(x + 0.01) < 0) expect(between).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });
});
