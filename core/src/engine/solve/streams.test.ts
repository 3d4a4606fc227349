import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, filled, list, problemOf, single, solved, stream } from "../../../test/problems";
import { naiveWorth } from "../../../test/naive";
import type { Problem } from "../problem/schema";
import { yearsOf } from "../time/duration";
import { solve } from "./solve";

/** Any stream over the whole domain: rates from −50 % to 1000 %, counts to 10,000, growth around the rate. */
const every = fc.constantFrom("P1D", "P1W", "P2W", "P1M", "P3M", "P6M", "P1Y", "P0.5M", "P4W");
const rate = fc.oneof(
  fc.constantFrom(0, 1e-9, -1e-9, 1e-5, 1000, -50),
  fc.integer({ min: -5000, max: 20_000 }).map((points) => points / 100),
);
const quotation = fc.constantFrom<object>(
  { quoted: "effective" },
  { quoted: "nominal", compounding: "P1M" },
  { quoted: "nominal", compounding: "P6M" },
  { quoted: "periodic", compounding: "P1Y" },
);
const rates = fc.array(fc.tuple(rate, quotation), { minLength: 1, maxLength: 3 }).map((spells) =>
  spells.map(([percent, how], index) => ({
    ...how,
    percent,
    ...(index === 0 ? {} : { from: ["", "P2Y3M", "P7Y"][index] }),
  })),
);
const cents = fc.integer({ min: 1, max: 5_000_000 }).map((amount) => amount / 100);
const growth = fc.oneof(
  fc.constant(undefined),
  fc.record({
    percent: fc.oneof(fc.integer({ min: -40, max: 60 }), fc.constantFrom(1e-10, -1e-10)),
    every: fc.constantFrom("P1Y", "P6M", "P1M", "P2W", "P2Y"),
  }),
  fc.record({
    amount: fc.integer({ min: -500, max: 500 }),
    every: fc.constantFrom("P1Y", "P6M", "P1M", "P2W"),
  }),
);
const anyStream = fc
  .record({
    direction: fc.constantFrom("in" as const, "out" as const),
    amount: cents,
    every,
    count: fc.oneof(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 400 })),
    timing: fc.constantFrom("end", "start"),
    begins: fc.constantFrom("P0D", "P1Y6M", "P2Y3M", "P5W"),
    growth,
  })
  .map(({ direction, amount, growth: grows, ...parts }) => ({
    ...stream("payments", direction, amount, parts),
    ...(grows === undefined ? {} : { growth: grows }),
  }));

function expectClose(found: number, { value, size }: { value: number; size: number }): void {
  expect(Math.abs(found - value)).toBeLessThanOrEqual(1e-10 * size + 1e-300);
}

describe("the worth of a stream in closed form is that of its payments one by one", () => {
  const worth = (problem: Problem): number => {
    const solution = solve(problem);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    return solution.value.answers[0].value;
  };

  test("whatever the rates, the spells, the growth and the date", () => {
    fc.assert(
      fc.property(anyStream, rates, fc.constantFrom("P0D", "P2Y", "P9Y"), (flow, spells, at) => {
        const problem = problemOf({ rates: spells, flows: [flow], ask: { find: "value", at } });
        const naive = naiveWorth(problem, yearsOf(at));
        fc.pre(naive.size < 1e290 && naive.size > 1e-290);
        expectClose(worth(problem), naive);
      }),
      { numRuns: 600 },
    );
  });

  test.each([
    ["10,000 payments", { every: "P1D", count: 10_000 }, 8],
    [
      "10,000 growing ones",
      { every: "P1W", count: 10_000, growth: { percent: 0.01, every: "P1W" } },
      8,
    ],
    ["growth at the rate", { count: 300, growth: { percent: 8, every: "P1Y" } }, 8],
    ["growth a hair above it", { count: 300, growth: { percent: 8 + 1e-9, every: "P1Y" } }, 8],
    ["growth a hair below it", { count: 300, growth: { percent: 8 - 1e-9, every: "P1Y" } }, 8],
    ["steps of money at no interest", { count: 500, growth: { amount: 3, every: "P1Y" } }, 0],
    ["steps of money at hardly any", { count: 500, growth: { amount: 3, every: "P1Y" } }, 1e-7],
    ["steps of money below zero", { count: 90, growth: { amount: 3, every: "P1Y" } }, -12],
    [
      "monthly ones that rise each year",
      { every: "P1M", count: 4321, growth: { percent: 2, every: "P1Y" } },
      6,
    ],
    [
      "weekly ones that rise each month",
      { every: "P1W", count: 777, growth: { percent: 1, every: "P1M" } },
      6,
    ],
    ["yearly ones that rise each month", { count: 30, growth: { percent: 1, every: "P1M" } }, 6],
  ])("%s", (_, parts, percent) => {
    const problem = problemOf({
      rates: [effective(percent)],
      flows: [stream("payments", "in", 100, parts)],
      ask: { find: "value", at: "P0D" },
    });
    expectClose(worth(problem), naiveWorth(problem, 0));
  });

  test("a fraction of a payment carries the closed form on, between the whole counts", () => {
    const at = (count: number) =>
      solved({
        rates: [effective(6)],
        flows: [stream("payments", "in", 100, { count })],
        ask: { find: "value", at: "P0D" },
      }).answers[0].value;
    expect(at(7.25)).toBeCloseTo((100 * (1 - 1.06 ** -7.25)) / 0.06, 9);
  });

  test("for ever, the worth is what ever longer streams come to", () => {
    const pattern = fc.record({
      amount: cents,
      timing: fc.constantFrom("end", "start"),
      every: fc.constantFrom("P1Y", "P6M", "P3M"),
      growth: fc.oneof(
        fc.record({ percent: fc.integer({ min: -40, max: 20 }), every: fc.constant("P1Y") }),
        fc.record({
          amount: fc.integer({ min: -9, max: 9 }),
          every: fc.constantFrom("P1Y", "P3M"),
        }),
      ),
    });
    fc.assert(
      fc.property(pattern, fc.integer({ min: 61, max: 300 }), ({ amount, ...parts }, percent) => {
        const problem = (count: number | "forever") =>
          problemOf({
            rates: [effective(percent), effective(percent + 5, "P3Y")],
            flows: [stream("payments", "in", amount, { ...parts, count })],
            ask: { find: "value", at: "P0D" },
          });
        const long = naiveWorth(problem(400), 0);
        const { value } = solved(problem("forever")).answers[0];
        expect(Math.abs(value - long.value)).toBeLessThanOrEqual(1e-9 * long.size);
      }),
    );
  });
});

describe("whatever is taken out of a problem is found again", () => {
  const unknowns = ["amount", "loan", "percent", "count", "growth", "begins", "step"] as const;

  test.each(unknowns)("%s", (kind) => {
    fc.assert(
      fc.property(
        fc.record({
          percent: fc.oneof(fc.integer({ min: 1, max: 3000 }), fc.integer({ min: -300, max: -1 })),
          every: fc.constantFrom("P1M", "P3M", "P1Y", "P1W"),
          count: fc.integer({ min: 2, max: 120 }),
          timing: fc.constantFrom("end", "start"),
          payment: cents,
          grows: fc.constantFrom("level", "percent", "step"),
          figure: fc.integer({ min: 1, max: 12 }),
        }),
        ({ percent, every: period, count, timing, payment, grows, figure }) => {
          fc.pre(kind !== "growth" || (grows === "percent" && count > 53));
          fc.pre(kind !== "step" || grows === "step");
          fc.pre(kind !== "begins" || percent > 20);
          const pattern =
            grows === "percent"
              ? { growth: { percent: figure, every: "P1Y" } }
              : grows === "step"
                ? { growth: { amount: figure, every: period } }
                : {};
          const flow = {
            ...stream("payments", "out", payment, { every: period, count, timing, begins: "P1Y" }),
            ...pattern,
          };
          // Payments so far away that they are worth nothing leave no digits to find their number by.
          const length = count * yearsOf(period);
          fc.pre(Math.abs((percent / 10_000) * length) < 8);
          const base = problemOf({
            rates: [{ percent: percent / 100, quoted: "nominal", compounding: "P1M" }],
            flows: [single("loan", "in", null, "P0D"), flow],
          });
          const loan = solved(base).answers[0].value;
          fc.pre(loan > 0.01 && loan < 1e12);
          const whole = filled(base, ["flows", 0, "amount"], loan);
          const [path, expected] = {
            amount: [["flows", 1, "amount"], payment],
            loan: [["flows", 0, "amount"], loan],
            percent: [["rates", 0, "percent"], percent / 100],
            count: [["flows", 1, "count"], count],
            growth: [["flows", 1, "growth", "percent"], figure],
            step: [["flows", 1, "growth", "amount"], figure],
            begins: [["flows", 1, "begins"], 1],
          }[kind] as [string[], number];
          const { answers } = solved(filled(whole, path, null));
          const sensitivity =
            kind === "count" || kind === "step" || kind === "growth" ? 1e-7 : 1e-9;
          const error = Math.abs(answers[0].value - expected);
          expect(error).toBeLessThan(sensitivity * (1 + Math.abs(expected)));
        },
      ),
      { numRuns: 200 },
    );
  });

  test.each([
    ["two amounts a hair apart", list("l", [-1e6, 1_000_000.000001]), 1e-10],
    ["two amounts a hair apart, the other way", list("l", [1e6, -999_999.999999]), -1e-10],
    // Σ k·10 over the Σ of what is outstanding: 1e-5 on 10,000 for one year and on 5000 for another.
    ["amounts of cents in many years", list("l", [-10_000, 5000, 5000.00001]), 6.666666666e-8],
  ])("a rate near zero keeps its digits: %s", (_, flow, percent) => {
    const { value } = solved({ rates: [effective(null)], flows: [flow] }).answers[0];
    expect(Math.abs(value / percent - 1)).toBeLessThan(1e-9);
  });

  test("a rate near zero is told by the decimal digits of the payments, not by their doubles", () => {
    // 12 payments of 1000.0007 are 12,000.0084, and 12,000.0083 is owed: interest of 0.0001 on 6.5 payments a month.
    const { value } = solved({
      rates: [{ percent: null, quoted: "periodic", compounding: "P1M" }],
      flows: [
        single("loan", "in", 12_000.0083, "P0D"),
        stream("payments", "out", 1000.0007, { every: "P1M", count: 12 }),
      ],
    }).answers[0];
    expect(Math.abs(value / (0.01 / (1000.0007 * 78)) - 1)).toBeLessThan(1e-7);
  });

  test("one entry of a list, signed by what it turns out to be", () => {
    const problem = { rates: [effective(10)], flows: [list("project", [-1000, null, 605])] };
    expect(solved(problem).answers[0]).toEqual({
      value: expect.closeTo(550, 9),
      unit: "money",
      direction: "in",
    });
    const back = { rates: [effective(10)], flows: [list("project", [null, 550, 605])] };
    expect(solved(back).answers[0]).toMatchObject({
      value: expect.closeTo(1000, 9),
      direction: "out",
    });
  });
});
