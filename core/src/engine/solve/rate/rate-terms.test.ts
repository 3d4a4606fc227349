import { describe, expect, test } from "@jest/globals";
import { addWorthOfRun, type PaymentRun } from "../../flows/payment-run";
import { runOfOne } from "../../flows/run-of-one";
import { ScaledSum } from "../../numbers/scaled-sum";
import { forcesOfFactors, MOST_TERMS, rateTerms } from "./rate-terms";

const run = (amount: number, first: number, count: number, parts: Partial<PaymentRun> = {}) => ({
  ...runOfOne(amount, first),
  count,
  ...parts,
});

function worth(runs: readonly PaymentRun[], force: number): number {
  const sum = new ScaledSum();
  for (const each of runs) addWorthOfRun(each, { starts: [0], forces: [force] }, 0, sum);
  return sum.value;
}

function valueOf(runs: readonly PaymentRun[], force: number): number {
  const terms = rateTerms(runs);
  if (terms === null) throw new Error("Too many terms");
  return terms.reduce(
    (sum, { coefficient, exponent }) => sum + coefficient * Math.exp(-force * exponent),
    0,
  );
}

const monthly = { frequency: 12 };
const price = run(-900, 0, 1);

describe("a balance as a sum of exponentials", () => {
  /** What the balance is multiplied by: none, or 1 − growth·e^(−force·period) so many times. */
  test.each<[string, PaymentRun[], number, number, number]>([
    ["level payments", [price, run(100, 1, 12)], 0, 0, 0],
    [
      "payments that grow, and rise",
      [run(9, 1, 5, { logGrowth: 0.1 }), run(9, 1, 5, { step: 2 })],
      0,
      0,
      0,
    ],
    ["for ever", [price, run(10, 1, Infinity)], 1, 1, 1],
    ["for ever, monthly", [price, run(10, 1, Infinity, monthly)], 1, 1 / 12, 1],
    [
      "for ever, growing once in four payments",
      [price, run(10, 1, Infinity, { frequency: 4, paymentsPerStep: 4, logGrowth: 0.02 })],
      Math.exp(0.02),
      1,
      1,
    ],
    ["for ever, rising", [price, run(10, 1, Infinity, { step: 3 })], 1, 1, 2],
    [
      "for ever, rising once in three payments",
      [price, run(10, 1, Infinity, { step: 3, frequency: 12, paymentsPerStep: 3 })],
      1,
      0.25,
      2,
    ],
    ["a part of a payment", [price, run(100, 1, 2.25)], 1, 1, 1],
    ["a part of one alone", [price, run(100, 1, 0.75, monthly)], 1, 1 / 12, 1],
    [
      "a part of a growing one",
      [price, run(100, 1, 2.25, { logGrowth: 0.1 })],
      Math.exp(0.1),
      1,
      1,
    ],
    [
      "a part of one before its growth",
      [price, run(100, 1, 2.25, { logGrowth: 0.1, paymentsPerStep: 4 })],
      1,
      1,
      1,
    ],
    [
      "a part of one after its rise",
      [price, run(100, 1, 6.5, { step: 7, paymentsPerStep: 4 })],
      1,
      1,
      1,
    ],
  ])("%s", (_, runs, growth, period, power) => {
    for (const force of [0.07, 0.31, 2]) {
      const factor = growth === 0 ? 1 : (1 - growth * Math.exp(-force * period)) ** power;
      expect(valueOf(runs, force) / (worth(runs, force) * factor)).toBeCloseTo(1, 10);
    }
  });

  test("of two payments for ever is multiplied by both of their factors", () => {
    const runs = [price, run(10, 1, Infinity), run(4, 1, Infinity, { frequency: 2 })];
    const factor = (1 - Math.exp(-0.2)) * (1 - Math.exp(-0.1));
    expect(valueOf(runs, 0.2) / (worth(runs, 0.2) * factor)).toBeCloseTo(1, 10);
  });

  test("is not made of more payments than can be looked at", () => {
    expect(rateTerms([run(1, 0, MOST_TERMS)])).toHaveLength(MOST_TERMS);
    expect(rateTerms([run(1, 0, MOST_TERMS + 1)])).toBeNull();
    // Each factor doubles the terms, once or twice.
    const forever = run(1, 0, Infinity);
    expect(rateTerms([run(1, 0, 4990), forever])).not.toBeNull();
    expect(rateTerms([run(1, 0, 4999), forever])).toBeNull();
    const block = run(1, 0, Infinity, { paymentsPerStep: 3000 });
    expect(rateTerms([block])).toBeNull();
  });

  test("factors of parts of payments have roots of their own", () => {
    expect(forcesOfFactors([run(1, 0, 3), run(1, 0, Infinity)])).toEqual([]);
    expect(forcesOfFactors([run(1, 0, 2.5)])).toEqual([0]);
    expect(forcesOfFactors([run(1, 0, 2.5, { frequency: 12, logGrowth: 0.01 })])).toEqual([
      expect.closeTo(0.12, 12),
    ]);
  });
});
