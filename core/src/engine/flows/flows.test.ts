import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { lowestTerms } from "../numbers/lowest-terms";
import { ScaledSum } from "../numbers/scaled-sum";
import { ticksOf } from "../time/ticks";
import { growthFactor } from "../rates/accumulation";
import { effective, solved, stream, whyNot } from "../../../test/problems";
import { leastForce } from "./convergence";
import { addWorth, expandFlow } from "./flow-kinds";
import {
  addWorthOfRun,
  paymentsBefore,
  paymentsUpTo,
  timeInRun,
  type PaymentRun,
} from "./payment-run";
import { runOfOne } from "./run-of-one";
import { arithmeticSum, geometricSum } from "./series-sums";
import { paymentInRun } from "./payment-run";
import { sliceRun } from "./slice-run";

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

describe("cutting a run", () => {
  const quarterly = { ...runOfOne(10, 2), frequency: 4, count: 12, step: 1, paymentsPerStep: 4 };
  test.each([
    ["nothing", 3, 3, []],
    ["nothing, the wrong way round", 5, 3, []],
    ["whole steps", 4, 12, [{ first: 3, count: 8, stepsBefore: 1 }]],
    ["within one step", 5, 7, [{ first: 3.25, count: 2, stepsBefore: 1 }]],
    ["up to the end of a step", 5, 8, [{ first: 3.25, count: 3, stepsBefore: 1 }]],
    [
      "over the end of a step",
      5,
      9,
      [
        { first: 3.25, count: 3, stepsBefore: 1 },
        { first: 4, count: 1, stepsBefore: 2 },
      ],
    ],
  ])("%s", (_, from, to, parts) => {
    expect(sliceRun(quarterly, from, to)).toEqual(parts.map((part) => ({ ...quarterly, ...part })));
  });

  test("payments know their size wherever they stand", () => {
    expect([0, 3, 4, 11].map((index) => paymentInRun(quarterly, index))).toEqual([10, 10, 11, 12]);
    const doubling = { ...quarterly, step: 0, logGrowth: Math.LN2, stepsBefore: 1 };
    expect(paymentInRun(doubling, 4)).toBeCloseTo(40, 12);
  });
});

describe("a stream", () => {
  const settled = fc.record({
    kind: fc.constant("stream" as const),
    id: fc.constant("s"),
    amount: fc.integer({ min: -900, max: 900 }),
    frequency: fc.constantFrom(1, 12, 52),
    count: fc.oneof(
      fc.integer({ min: 1, max: 60 }),
      fc.integer({ min: 1, max: 240 }).map((quarters) => quarters / 4),
    ),
    timing: fc.constantFrom("end" as const, "start" as const),
    begins: fc.constantFrom(0, 0.5, 3),
    growth: fc.option(
      fc.record({
        by: fc.constantFrom("percent" as const, "amount" as const),
        figure: fc.constantFrom(0, 3, -5, 40),
        steps: fc.constantFrom(0, 1, 2, 12),
        payments: fc.constantFrom(1, 4, 13),
      }),
    ),
  });

  test("has the same worth in closed form and payment by payment, fractions of a payment included", () => {
    const forces = fc.constantFrom(0, 0.04, -0.1, 0.5);
    fc.assert(
      fc.property(settled, forces, forces, (stream, first, second) => {
        // The second rate holds from between two payments, or from the first one on.
        for (const growth of [
          { starts: [0], forces: [first] },
          { starts: [0, 2.6], forces: [first, second] },
        ]) {
          const closed = new ScaledSum();
          addWorth(stream, growth, 1, closed);
          const payments = expandFlow(stream, growth);
          const worths = payments.map(({ amount, at }) => amount * growthFactor(growth, at, 1));
          const plain = worths.reduce((sum, worth) => sum + worth, 0);
          const size = worths.reduce((sum, worth) => sum + Math.abs(worth), 1e-9);
          expect(Math.abs(closed.value - plain)).toBeLessThan(1e-10 * size);
          expect(payments).toHaveLength(Math.ceil(stream.count));
        }
      }),
      { numRuns: 500 },
    );
  });

  test("grows by the definition: once for every whole step that has passed", () => {
    const sizes = (growth: object) =>
      expandFlow(
        {
          kind: "stream",
          id: "s",
          amount: 100,
          frequency: 12,
          count: 6,
          timing: "end",
          begins: 0,
          growth: { by: "amount", figure: 10, steps: 2, payments: 3, ...growth },
        },
        { starts: [0], forces: [0.05] },
      ).map(({ amount }) => Math.round(amount));
    expect(sizes({})).toEqual([100, 100, 110, 120, 120, 130]);
    expect(sizes({ by: "percent" })).toEqual([100, 100, 110, 121, 121, 133]);
    expect(sizes({ steps: 0, payments: 1 })).toEqual([100, 100, 100, 100, 100, 100]);
  });

  test.each<[object, object]>([
    [
      { percent: -100, every: "P1Y" },
      { code: "growth-too-low", path: ["flows", 0, "growth", "percent"], percent: -100 },
    ],
    [
      { percent: 3, every: "P0.0031757Y" },
      { code: "growth-too-irregular", path: ["flows", 0, "growth", "every"], limit: 400 },
    ],
  ])("that grows by %j is refused at its growth", (growth, found) => {
    expect(
      whyNot({
        rates: [effective(5)],
        flows: [stream("s", "in", 1, { growth })],
        ask: { find: "value", at: "P0D" },
      }),
    ).toEqual(found);
  });

  test("may shrink almost to nothing, and rise in a pattern of up to 400 payments", () => {
    const worth = (growth: object, every: string) =>
      solved({
        rates: [effective(5)],
        flows: [stream("s", "in", 1, { growth, every })],
        ask: { find: "value", at: "P0D" },
      }).answers[0].value;
    expect(worth({ percent: -99.9, every: "P1Y" }, "P1Y")).toBeGreaterThan(0.95);
    expect(worth({ percent: 1, every: "P0.0025Y" }, "P1D")).toBeGreaterThan(9);
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
