import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { isolateRoots } from "./isolate-roots";
import {
  coefficientSignChanges,
  derivative,
  halved,
  primitive,
  reversed,
  shiftByOne,
  stripped,
  withoutRootAtOne,
  type Polynomial,
} from "./polynomial";
import { polynomialRates } from "./polynomial-rates";
import { refineRoot } from "./refine-root";
import { squareFree } from "./square-free";

/** (under·x − over) for each fraction, multiplied out. */
function withRoots(roots: readonly (readonly [over: number, under: number])[]): bigint[] {
  return roots.reduce<bigint[]>(
    (product, [over, under]) => {
      const next = Array<bigint>(product.length + 1).fill(0n);
      product.forEach((coefficient, power) => {
        next[power] = (next[power] ?? 0n) - coefficient * BigInt(over);
        next[power + 1] = (next[power + 1] ?? 0n) + coefficient * BigInt(under);
      });
      return next;
    },
    [1n],
  );
}

/** The same roots, with a leading coefficient above zero. */
function upwards(polynomial: Polynomial): bigint[] {
  const sign = (polynomial.at(-1) ?? 0n) < 0n ? -1n : 1n;
  return polynomial.map((coefficient) => sign * coefficient);
}

describe("polynomials", () => {
  test.each<[string, readonly bigint[], readonly bigint[]]>([
    ["x² + 2x + 3 at x + 1 is x² + 4x + 6", shiftByOne([3n, 2n, 1n]), [6n, 4n, 1n]],
    ["a constant stays one", shiftByOne([7n]), [7n]],
    ["backwards", reversed([3n, 2n, 1n]), [1n, 2n, 3n]],
    ["x² + 2x + 3 at half of x, without fractions", halved([3n, 2n, 1n]), [12n, 4n, 1n]],
    ["the slope of x³ + 5x + 2", derivative([2n, 5n, 0n, 1n]), [5n, 0n, 3n]],
    ["roots at zero and empty places go", stripped([0n, 0n, 3n, 0n, 1n, 0n]), [3n, 0n, 1n]],
    ["nothing is left of nothing", stripped([0n, 0n]), []],
    ["a double root at one goes", withoutRootAtOne([2n, -5n, 4n, -1n]), [2n, -1n]],
    ["no root at one, nothing goes", withoutRootAtOne([2n, -1n]), [2n, -1n]],
    ["a common divisor goes", upwards(primitive([6n, -9n, 0n, 15n])), [2n, -3n, 0n, 5n]],
    ["of nothing too", primitive([0n, 0n]), []],
    ["whatever its signs", upwards(primitive([6n, -9n])), [-2n, 3n]],
    ["and a common sign may go too", upwards(primitive([-6n, -9n])), [2n, 3n]],
  ])("%s", (_, found, wanted) => {
    expect(found).toEqual(wanted);
  });

  test.each<[readonly bigint[], number, number]>([
    [[1n, 2n, 3n], Infinity, 0],
    [[1n, -2n, 3n], Infinity, 2],
    [[1n, 0n, -2n, 0n, 0n, -3n, 1n], Infinity, 2],
    [[1n, -1n, 1n, -1n], 2, 2],
    [[], Infinity, 0],
  ])("the signs of %j change up to %d times: %d", (polynomial, atMost, changes) => {
    expect(coefficientSignChanges(polynomial, atMost)).toBe(changes);
  });

  test("square-free, each root is there once", () => {
    const many = withRoots([
      [1, 2],
      [1, 2],
      [1, 2],
      [2, 3],
      [3, 1],
      [3, 1],
    ]);
    const once = withRoots([
      [1, 2],
      [2, 3],
      [3, 1],
    ]);
    expect(upwards(squareFree(many) ?? [])).toEqual(once);
    expect(upwards(squareFree(once) ?? [])).toEqual(once);
  });

  test("square-free, whatever is multiplied, and however often", () => {
    const root = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: 1, max: 30 }));
    const roots = fc.uniqueArray(root, {
      minLength: 1,
      maxLength: 12,
      selector: ([over, under]) => over / under,
    });
    fc.assert(
      fc.property(roots, fc.array(fc.nat({ max: 11 }), { maxLength: 15 }), (each, again) => {
        const more = again.flatMap((index) => each.slice(index, index + 1));
        const once = upwards(primitive(withRoots(each)));
        expect(upwards(squareFree(withRoots([...each, ...more])) ?? [])).toEqual(once);
      }),
    );
  });

  test("of a square of degree 180, every root is found once", () => {
    const root = Array.from({ length: 91 }, (_, power) =>
      power === 0 ? -100n : 3n + BigInt((power * 7) % 5),
    );
    const square = Array<bigint>(181).fill(0n);
    root.forEach((one, i) => {
      root.forEach((other, j) => {
        square[i + j] = (square[i + j] ?? 0n) + one * other;
      });
    });
    expect(upwards(squareFree(square) ?? [])).toEqual(upwards(primitive(root)));
    expect(polynomialRates(square)).toEqual(polynomialRates(root));
  });
});

const fraction = fc.tuple(fc.integer({ min: 1, max: 199 }), fc.integer({ min: 2, max: 200 }));
const distinct = (roots: readonly (readonly [number, number])[]) =>
  new Set(roots.map(([over, under]) => over / under)).size === roots.length;

describe("roots between 0 and 1", () => {
  const rootsOf = (polynomial: Polynomial) =>
    (isolateRoots(polynomial) ?? [])
      .map(refineRoot)
      .map(({ over, under }) => Number((over * 10n ** 20n) / under) / 1e20)
      .sort((one, other) => one - other);

  test("are all found, to the last digit, whatever lies outside", () => {
    fc.assert(
      fc.property(
        fc.array(fraction, { minLength: 1, maxLength: 6 }).filter(distinct),
        fc.array(fc.integer({ min: 2, max: 30 }), { maxLength: 2 }),
        (roots, outside) => {
          const polynomial = withRoots([
            ...roots,
            ...outside.map((root) => [root, 1] as const),
            ...outside.map((root) => [-root, 3] as const),
          ]);
          fc.pre(roots.every(([over, under]) => over !== under));
          const inside = roots
            .map(([over, under]) => over / under)
            .filter((root) => root < 1)
            .sort((one, other) => one - other);
          const found = rootsOf(polynomial);
          expect(found).toHaveLength(inside.length);
          inside.forEach((root, index) => expect(found[index]).toBeCloseTo(root, 14));
        },
      ),
    );
  });

  test.each<[string, [number, number][]]>([
    ["a half", [[1, 2]]],
    [
      "halves of halves beside each other",
      [
        [1, 2],
        [1, 4],
        [3, 4],
        [3, 8],
      ],
    ],
    [
      "twice at the same place",
      [
        [1, 3],
        [1, 3],
      ],
    ],
    [
      "three times at a half, and another",
      [
        [1, 2],
        [1, 2],
        [1, 2],
        [2, 3],
      ],
    ],
    [
      "a hair apart",
      [
        [500_000_000, 1_000_000_007],
        [500_000_001, 1_000_000_007],
      ],
    ],
  ])("%s", (_, roots) => {
    const wanted = [...new Set(roots.map(([over, under]) => over / under))].sort();
    const found = rootsOf(withRoots(roots));
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((root, index) => expect(found[index]).toBeCloseTo(root, 15));
  });

  test("a search that would take too long is given up", () => {
    // Mignotte's: two roots closer together than the exact search may look.
    const degree = 300;
    const polynomial = Array<bigint>(degree + 1).fill(0n);
    polynomial[degree] = 1n;
    const big = 10n ** 40n;
    polynomial[2] = -2n * big * big;
    polynomial[1] = 4n * big;
    polynomial[0] = -2n;
    expect(isolateRoots(polynomial)).toBeNull();
  });
});

describe("rates of a polynomial", () => {
  test("are those it was made of, below zero and above, told once each and in order", () => {
    // v = 1/(1 + i) for i of −50 %, −20 %, 0 (twice), 25 % and 300 %.
    const amounts = withRoots([
      [2, 1],
      [5, 4],
      [1, 1],
      [1, 1],
      [4, 5],
      [1, 4],
    ]);
    expect(polynomialRates(amounts)).toEqual([-0.5, -0.2, 0, 0.25, 3]);
    expect(polynomialRates([0n, 0n, ...amounts, 0n])).toEqual([-0.5, -0.2, 0, 0.25, 3]);
  });

  test("keep every digit of a rate near zero, however small", () => {
    expect(polynomialRates([-(10n ** 18n), 10n ** 18n + 1n])).toEqual([1e-18]);
    expect(polynomialRates([-(10n ** 18n) - 1n, 10n ** 18n])?.[0]).toBeCloseTo(-1e-18, 33);
  });

  test.each<[bigint[], number]>([
    [[-1n, 10n ** 30n], 1e30],
    [[-3n, 10n ** 25n], 1e25 / 3],
    [[-(10n ** 25n), 7n * 10n ** 5n], -1 + 7e-20],
    [[-(10n ** 9n), 10n ** 9n + 1n], 1e-9],
    [[-(10n ** 9n), 10n ** 9n - 1n], -1e-9],
    [[-3n, 4n], 1 / 3],
    [[-3n, 2n], -1 / 3],
  ])("%j: %d to the last digit", (amounts, rate) => {
    const [found = NaN] = polynomialRates(amounts) ?? [];
    expect(Math.abs(found / rate - 1)).toBeLessThan(3e-16);
  });

  test("a search on either side that would take too long is given up", () => {
    const degree = 300;
    const polynomial = Array<bigint>(degree + 1).fill(0n);
    const big = 10n ** 40n;
    polynomial[degree] = 1n;
    polynomial[2] = -2n * big * big;
    polynomial[1] = 4n * big;
    polynomial[0] = -2n;
    expect(polynomialRates(polynomial)).toBeNull();
    expect(polynomialRates([...polynomial].reverse())).toBeNull();
  });

  test("none where there is none", () => {
    expect(polynomialRates([1n, 1n, 1n])).toEqual([]);
    expect(polynomialRates([1n, -1n, 1n])).toEqual([]);
  });
});
