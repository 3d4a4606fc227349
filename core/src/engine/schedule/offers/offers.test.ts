import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import type { ScheduleRun } from "../schedule";
import { rankingByHolding } from "./ranking";
import { runOffer, type LoanOffer } from "./run-offer";
import { whenHeld } from "./when-held";

const PLAIN: LoanOffer = {
  amount: 1000,
  percent: 10,
  quotation: { quoted: "effective" },
  every: "P1Y",
  count: 3,
  timing: "end",
  fee: 0,
  residual: 0,
};

function run(offer: Partial<LoanOffer>): ScheduleRun {
  const made = runOffer({ ...PLAIN, ...offer }, "none");
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
}

describe("an offer", () => {
  test("has the payment that it needs: 1,000 over three years at 10%, with 331 left", () => {
    expect(run({}).schedule.payment).toBeCloseTo(402.1148, 4);
    // 331 / 1.331 is 248.6852; the rest is repaid.
    expect(run({ residual: 331 }).schedule.payment).toBeCloseTo((1000 - 331 / 1.331) / 2.486852, 4);
    expect(run({ timing: "start" }).schedule.payment).toBeCloseTo(402.1148 / 1.1, 4);
  });

  test("that is no sound loan says why", () => {
    expect(runOffer({ ...PLAIN, percent: -100 }, "none").ok).toBe(false);
    expect(runOffer({ ...PLAIN, amount: 1e300 }, "none").ok).toBe(false);
    expect(runOffer({ ...PLAIN, count: 1e6, every: "P1D" }, "none").ok).toBe(false);
  });
});

describe("a loan that is held for a time", () => {
  test("costs its interest and its fee up to then", () => {
    // After a year 1,100 − 402.1148 are owed: what is paid in all is 1,100 and the fee.
    const held = whenHeld(run({ fee: 20 }), 1);
    expect(held?.owed).toBeCloseTo(697.8852, 4);
    expect(held?.cost).toBeCloseTo(120, 9);
    // 980 received, 1,100 paid a year later.
    expect(held?.effectivePercent).toBeCloseTo((1100 / 980 - 1) * 100, 9);
  });

  test("between payments, at its end and after it", () => {
    expect(whenHeld(run({}), 0.5)?.cost).toBeCloseTo(1000 * (Math.sqrt(1.1) - 1), 9);
    for (const years of [3, 4, 100]) {
      const held = whenHeld(run({ residual: 500 }), years);
      expect([held?.owed, held?.effectivePercent]).toEqual([0, expect.closeTo(10, 9)]);
    }
    expect(whenHeld(run({}), 3)?.cost).toBeCloseTo(3 * 402.1148 - 1000, 3);
  });

  test("a fee weighs less the longer it is held, for any loan", () => {
    const loan = fc.record({
      percent: fc.integer({ min: 0, max: 30 }),
      fee: fc.integer({ min: 1, max: 100 }),
      count: fc.integer({ min: 3, max: 40 }),
      residual: fc.constantFrom(0, 200),
    });
    fc.assert(
      fc.property(loan, (parts) => {
        const own = run(parts);
        const costs = [1, 2, 3].map((years) => whenHeld(own, years)?.effectivePercent ?? NaN);
        expect(costs[0]).toBeGreaterThan(costs[1] ?? NaN);
        expect(costs[1]).toBeGreaterThanOrEqual((costs[2] ?? NaN) - 1e-9);
        expect(costs[2]).toBeGreaterThan(parts.percent);
      }),
    );
  });
});

describe("the ranking", () => {
  test("of a fee against a higher rate turns where their costs cross", () => {
    const [cheapRate, noFee] = [run({ count: 10, percent: 8, fee: 60 }), run({ count: 10 })];
    const spans = rankingByHolding([cheapRate, noFee], 1);
    expect(spans.map(({ order }) => order)).toEqual([
      [1, 0],
      [0, 1],
    ]);
    const turn = spans[1]?.from ?? NaN;
    const costAt = (own: ScheduleRun, years: number) =>
      whenHeld(own, years)?.effectivePercent ?? NaN;
    expect(costAt(cheapRate, turn)).toBeLessThan(costAt(noFee, turn));
    expect(costAt(cheapRate, turn - 1)).toBeGreaterThan(costAt(noFee, turn - 1));
    expect([spans[0]?.from, spans[0]?.to, spans[1]?.to]).toEqual([1, turn - 1, 10]);
  });

  test("is one for alike loans, and told to the payment over many of them", () => {
    expect(rankingByHolding([run({}), run({})], 1)).toEqual([{ from: 1, to: 3, order: [0, 1] }]);
    const monthly = {
      every: "P1M",
      count: 360,
      quotation: { quoted: "nominal", compounding: "P1M" },
    } as const;
    const [first, second] = [
      run({ ...monthly, percent: 5, fee: 30 }),
      run({ ...monthly, percent: 6 }),
    ];
    const spans = rankingByHolding([first, second], 12);
    expect(spans).toHaveLength(2);
    const turn = Math.round((spans[1]?.from ?? NaN) * 12);
    const isCheaper = (month: number) =>
      (whenHeld(first, month / 12)?.effectivePercent ?? 0) <
      (whenHeld(second, month / 12)?.effectivePercent ?? 0);
    expect([isCheaper(turn - 1), isCheaper(turn)]).toEqual([false, true]);
  });

  test("puts a loan whose fee leaves nothing of it last", () => {
    expect(rankingByHolding([run({ fee: 1000 }), run({ percent: 50 })], 1)[0]?.order).toEqual([
      1, 0,
    ]);
  });
});
