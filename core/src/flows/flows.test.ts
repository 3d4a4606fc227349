import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { lowestTerms } from "../numbers/lowest-terms";
import { ScaledSum } from "../numbers/scaled-sum";
import { ticksOf } from "../time/ticks";
import { leastForce } from "./convergence";
import {
  addWorthOfRun,
  paymentsBefore,
  paymentsUpTo,
  timeInRun,
  type PaymentRun,
} from "./payment-run";
import { runOfOne } from "./run-of-one";
import { arithmeticSum, geometricSum } from "./series-sums";
import { paymentInRun, sliceRun } from "./slice-run";

describe("sums of series, against adding up", () => {
  const exponents = [0, -1e-300, -1e-18, -1e-9, -1e-4, -0.01, -0.3, -1, -5];
  test.each(exponents)("with e^%p from each term to the next", (exponent) => {
    for (const count of [0, 1, 2, 3, 7, 50, 1000]) {
      const terms = Array.from({ length: count }, (_, index) => Math.exp(index * exponent));
      const plain = terms.reduce((sum, term) => sum + term, 0);
      const rising = terms.reduce((sum, term, index) => sum + index * term, 0);
      expect(Math.abs(geometricSum(count, exponent) - plain)).toBeLessThanOrEqual(1e-13 * plain);
      expect(Math.abs(arithmeticSum(count, exponent) - rising)).toBeLessThanOrEqual(1e-12 * rising);
    }
  });

  test("for ever", () => {
    expect(geometricSum(Infinity, -Math.LN2)).toBeCloseTo(2, 14);
    expect(arithmeticSum(Infinity, -Math.LN2)).toBeCloseTo(2, 14);
    expect(geometricSum(Infinity, 0)).toBe(Infinity);
  });

  test("meet where one form takes over from the other", () => {
    for (const count of [3, 40, 1000]) {
      const [below, above] = [1 - 1e-9, 1 + 1e-9].map((edge) =>
        arithmeticSum(count, -edge / count),
      );
      expect(Math.abs((above ?? NaN) / (below ?? NaN) - 1)).toBeLessThan(1e-8);
    }
  });
});

const anyRun: fc.Arbitrary<PaymentRun> = fc.record({
  first: fc.nat(40).map((months) => months / 12),
  frequency: fc.constantFrom(1, 4, 12, 52),
  count: fc.integer({ min: 1, max: 90 }),
  amount: fc.integer({ min: -900, max: 900 }),
  logGrowth: fc.constantFrom(0, 0.02, -0.3),
  step: fc.constantFrom(0, 3, -11),
  paymentsPerStep: fc.constantFrom(1, 4, 12),
  stepsBefore: fc.nat(3),
});

describe("runs of payments", () => {
  const plainWorth = (run: PaymentRun, force: number, focal: number) => {
    let [value, size] = [0, 0];
    for (let index = 0; index < run.count; index += 1) {
      const worth = paymentInRun(run, index) * Math.exp(force * (focal - timeInRun(run, index)));
      value += worth;
      size += Math.abs(worth);
    }
    return { value, size };
  };
  const worthOf = (runs: readonly PaymentRun[], force: number, focal: number) => {
    const sum = new ScaledSum();
    for (const run of runs) addWorthOfRun(run, { starts: [0], forces: [force] }, focal, sum);
    return sum.value;
  };
  const force = fc.constantFrom(0, 0.05, -0.2, 1e-9, 1.5);

  test("are worth what their payments are worth, whether they grow by factors or by amounts", () => {
    fc.assert(
      fc.property(anyRun, force, fc.nat(9), (any, delta, focal) => {
        const run = any.step === 0 ? any : { ...any, logGrowth: 0 };
        const { value, size } = plainWorth(run, delta, focal);
        expect(Math.abs(worthOf([run], delta, focal) - value)).toBeLessThanOrEqual(1e-11 * size);
      }),
      { numRuns: 400 },
    );
  });

  test("are the same when they are cut in two anywhere", () => {
    fc.assert(
      fc.property(anyRun, force, fc.nat(90), (any, delta, place) => {
        const run = any.step === 0 ? any : { ...any, logGrowth: 0 };
        const cut = Math.min(place, run.count);
        const parts = [...sliceRun(run, 0, cut), ...sliceRun(run, cut, run.count)];
        const { size } = plainWorth(run, delta, 0);
        expect(parts.reduce((sum, { count }) => sum + count, 0)).toBe(run.count);
        expect(Math.abs(worthOf(parts, delta, 0) - worthOf([run], delta, 0))).toBeLessThanOrEqual(
          1e-11 * size,
        );
      }),
    );
  });

  test("count the payments before a time and up to it, which differ by the one on it", () => {
    const monthly = { ...runOfOne(100, 0.25), frequency: 12, count: 10 };
    expect([0, 0.25, 0.3, 0.5, 1].map((years) => paymentsBefore(monthly, years))).toEqual([
      0, 0, 1, 3, 9,
    ]);
    expect([0, 0.25, 0.3, 0.5, 1].map((years) => paymentsUpTo(monthly, years))).toEqual([
      0, 1, 1, 4, 10,
    ]);
  });

  test("for ever need a force above that of their growth; runs that end need none", () => {
    const run = { ...runOfOne(1, 0), frequency: 4, logGrowth: 0.06, paymentsPerStep: 4 };
    expect(leastForce({ ...run, count: Infinity })).toBeCloseTo(0.06, 15);
    expect(leastForce(run)).toBe(-Infinity);
  });
});

describe("a scaled sum", () => {
  test("holds what no double can, and tells how often one goes into another", () => {
    const [one, other] = [new ScaledSum(), new ScaledSum()];
    one.add(3, 5000);
    one.add(1, -5000);
    other.add(2, 4999);
    expect(one.value).toBe(Infinity);
    expect(one.over(other)).toBeCloseTo(1.5 * Math.E, 12);
    expect(new ScaledSum().over(other)).toBe(0);
  });

  test("keeps what cancels, in whatever order the sizes come", () => {
    for (const order of [
      [1e16, 1, -1e16],
      [1, 1e16, -1e16],
      [-1e16, 1e16, 1],
    ]) {
      const sum = new ScaledSum();
      order.forEach((amount, index) => sum.add(amount, index === 1 ? 0 : 0));
      expect(sum.value).toBe(1);
    }
    const scaled = new ScaledSum();
    scaled.add(Math.E, 0);
    scaled.add(-1, 1);
    expect(Math.abs(scaled.value)).toBeLessThan(1e-15);
  });

  test("past the largest double is infinite, not undefined", () => {
    const sum = new ScaledSum();
    sum.add(Infinity, 0);
    sum.add(5, 1);
    expect([sum.value, sum.mantissa]).toEqual([Infinity, Infinity]);
  });

  test("of nothing is zero", () => {
    const sum = new ScaledSum();
    sum.add(0, 9999);
    expect([sum.value, sum.mantissa, sum.logarithm]).toEqual([0, 0, -Infinity]);
  });
});

describe("ratios and ticks", () => {
  test.each([
    [12 / 52, 3, 13],
    [1 / 12, 1, 12],
    [365 / 12, 365, 12],
    [1, 1, 1],
    [0.5, 1, 2],
    [26 / 24, 13, 12],
    [1e12, 1e12, 1],
    [1e-12, 0, 1],
  ])("%p is %i over %i", (value, over, under) => {
    expect(lowestTerms(value)).toEqual({ over, under });
  });

  test("every small ratio is found from its double", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 1, max: 5000 }),
        (one, other) => {
          const { over, under } = lowestTerms(one / other);
          expect(over * other).toBe(under * one);
          expect(under).toBeLessThanOrEqual(other);
        },
      ),
    );
  });

  test.each([
    [1, 113_880],
    [1 / 12 + 1 / 52, 9490 + 2190],
    [1 / 365, 312],
    [0.37 / 12, null],
    [Math.PI, null],
    [1e300, null],
  ])("%p years are %p ticks", (years, ticks) => {
    expect(ticksOf(years)).toBe(ticks);
  });
});
