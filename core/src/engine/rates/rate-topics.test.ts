import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { buyingPower } from "./buying-power";
import { convertRate } from "./convert-rate";
import { creditedYears, depositBalance, type DepositOffer } from "./deposit";
import { costOfPayingLate, discountCost } from "./discount-cost";
import { growingTime } from "./growing-time";
import { growthOfValues } from "./growth-of-values";
import { inAllQuotations } from "./restate";

describe("a rate in every quotation", () => {
  test("all of them make the same of a year", () => {
    const percent = fc.double({ min: -15, max: 200, noNaN: true });
    const from = fc.constantFrom(
      { quoted: "effective" } as const,
      { quoted: "continuous" } as const,
      { quoted: "nominal", compounding: "P1M" } as const,
      { quoted: "periodic", compounding: "P3M" } as const,
    );
    fc.assert(
      fc.property(percent, from, (figure, quotation) => {
        const all = inAllQuotations({ ...quotation, percent: figure });
        if (!all.ok) throw new Error(JSON.stringify(all.issues));
        const { effective, continuous, nominal, periodic } = all.value;
        for (const { quotation: own, percent: restated } of [continuous, ...nominal, ...periodic]) {
          const back = convertRate({ ...own, percent: restated }, { quoted: "effective" });
          const apart = Math.abs((back.ok ? back.value : NaN) - effective.percent);
          expect(apart).toBeLessThan(1e-10 * (1 + Math.abs(effective.percent)));
        }
      }),
    );
  });

  test("what no rate can be is told", () => {
    const over = inAllQuotations({ quoted: "effective", percent: 6 }, 0.5);
    const others = over.ok ? over.value.others : [];
    expect(others.map(({ quotation, percent }) => [quotation.quoted, percent.toFixed(9)])).toEqual([
      ["simple", (200 * (1.06 ** 0.5 - 1)).toFixed(9)],
      ["bank-discount", (200 * (1 - 1.06 ** -0.5)).toFixed(9)],
      ["effective-discount", (600 / 106).toFixed(9)],
    ]);
    // Over a thousand years, what is too large to be a number is left out.
    const long = inAllQuotations({ quoted: "effective", percent: 200 }, 1000);
    expect(long.ok && long.value.others.map(({ quotation }) => quotation.quoted)).toEqual([
      "bank-discount",
      "effective-discount",
    ]);
    expect(inAllQuotations({ quoted: "effective", percent: -100 })).toMatchObject({
      issues: [{ code: "rate-too-low" }],
    });
  });
});

describe("a deposit", () => {
  const quarterly = { quoted: "nominal", compounding: "P3M", percent: 8 } as const;
  const offer = (crediting: DepositOffer["crediting"]): DepositOffer => ({
    rate: quarterly,
    crediting,
  });

  test.each([
    [0, 0],
    [0.24, 0],
    [0.25, 0.25],
    [1 / 12 + 1 / 6, 0.25],
    [0.9, 0.75],
    [3, 3],
  ])("after %d years has interest up to %d, if only whole periods count", (years, credited) => {
    expect(creditedYears(offer("whole-periods"), years)).toBeCloseTo(credited, 12);
    expect(creditedYears(offer("always"), years)).toBe(years);
  });

  test("grows by the rate of each whole period", () => {
    const balance = depositBalance(1000, offer("whole-periods"), 0.6);
    expect(balance.ok && balance.value).toBeCloseTo(1000 * 1.02 ** 2, 9);
  });

  test("with interest that never pauses waits for nothing", () => {
    const rate = { quoted: "continuous", percent: 5 } as const;
    const balance = depositBalance(1000, { rate, crediting: "whole-periods" }, 0.3);
    expect(balance.ok && balance.value).toBeCloseTo(1000 * Math.exp(0.015), 9);
  });

  test("the lower rate can win for money that is needed early", () => {
    const yearly: DepositOffer = {
      rate: { quoted: "effective", percent: 6 },
      crediting: "whole-periods",
    };
    const monthly: DepositOffer = {
      rate: { quoted: "nominal", compounding: "P1M", percent: 5 },
      crediting: "whole-periods",
    };
    const ahead = (years: number) => {
      const [one, other] = [yearly, monthly].map((own) => depositBalance(1000, own, years));
      return one?.ok === true && other?.ok === true && one.value > other.value;
    };
    expect([0.9, 1, 1.9, 2].map(ahead)).toEqual([false, true, false, true]);
  });

  test("at no possible rate is told", () => {
    const rate = { quoted: "periodic", compounding: "P1M", percent: -100 } as const;
    expect(depositBalance(1, { rate, crediting: "always" }, 1)).toMatchObject({
      issues: [{ code: "rate-too-low" }],
    });
  });
});

test("what money buys is what it grows to at the real rate, and what it grows to over the prices", () => {
  const found = buyingPower(1000, 7.1, 2, 10);
  if (!found.ok) throw new Error("It has one");
  const { realPercent, differencePercent, grown, inTodaysPrices, priceThen } = found.value;
  expect(realPercent).toBeCloseTo(5, 12);
  expect(differencePercent).toBeCloseTo(5.1, 12);
  expect(grown).toBeCloseTo(1000 * 1.071 ** 10, 8);
  expect(inTodaysPrices).toBeCloseTo((1000 * grown) / priceThen, 8);
});

describe("growth over several values", () => {
  test("is that from the first to the last, whatever lies between", () => {
    const found = growthOfValues([
      { at: 0, value: 1000 },
      { at: 1, value: 1500 },
      { at: 2, value: 900 },
      { at: 3, value: 1331 },
    ]);
    if (!found.ok) throw new Error("It has one");
    expect(found.value.percent).toBeCloseTo(10, 10);
    expect(found.value.steps.map((step) => Math.round(step))).toEqual([50, -40, 48]);
    expect(found.value.meanPercent).toBeCloseTo((50 - 40 + 47.888_888_888_9) / 3, 8);
  });

  test("at uneven times weighs each step by its length", () => {
    const found = growthOfValues([
      { at: 0, value: 100 },
      { at: 0.5, value: 110 },
      { at: 2.5, value: 121 },
    ]);
    if (!found.ok) throw new Error("It has one");
    expect(found.value.percent).toBeCloseTo((1.21 ** (1 / 2.5) - 1) * 100, 10);
    expect(found.value.steps[0]).toBeCloseTo(21, 10);
    expect(found.value.meanPercent).toBeCloseTo((21 * 0.5 + (1.1 ** 0.5 - 1) * 100 * 2) / 2.5, 10);
  });

  test.each([
    [[{ at: 0, value: 100 }]],
    [
      [
        { at: 0, value: 100 },
        { at: 1, value: 0 },
        { at: 2, value: 5 },
      ],
    ],
    [
      [
        { at: 0, value: 100 },
        { at: 0, value: 110 },
      ],
    ],
  ])("%j has none", (values) => {
    expect(growthOfValues(values)).toMatchObject({ issues: [{ code: "growth-undefined" }] });
  });
});

describe("the time in which money multiplies", () => {
  test.each([
    [10, 1.1, 1],
    [10, 1.21, 2],
    [-50, 0.25, 2],
  ])("at %d %% to %d times itself: %d years", (percent, times, years) => {
    const found = growingTime(percent, times);
    expect(found.ok && found.value.years).toBeCloseTo(years, 10);
  });

  test("of doubling has rules of thumb", () => {
    const found = growingTime(8, 2);
    expect(found.ok && found.value.years).toBeCloseTo(9.006_468, 6);
    expect(found.ok && found.value.rules.map(({ years }) => years)).toEqual([9, 8.75, 8.6625]);
    const tripled = growingTime(8, 3);
    expect(tripled.ok && tripled.value.rules).toEqual([]);
  });

  test.each([
    [0, 2],
    [-5, 2],
    [5, 0.5],
    [5, 1],
    [-100, 2],
    [5, 0],
  ])("at %d %% to %d times itself never comes", (percent, times) => {
    expect(growingTime(percent, times)).toMatchObject({ issues: [{ code: "never-multiplies" }] });
  });
});

describe("a discount", () => {
  const bill = { face: 8000, discountPercent: 6, days: 90, daysInYear: 360, fee: 20 } as const;

  test("with a fee is an effective yearly cost", () => {
    const found = discountCost(bill);
    if (!found.ok) throw new Error("It has one");
    expect(found.value.discount).toBeCloseTo(120, 10);
    expect(found.value.proceeds).toBeCloseTo(7860, 10);
    // What is earned on 7,860 in 90 days, as simple interest over the year of the discount.
    expect(found.value.simplePercent).toBeCloseTo((140 / 7860) * 4 * 100, 10);
    expect(found.value.effectivePercent).toBeCloseTo(((8000 / 7860) ** (365 / 90) - 1) * 100, 10);
  });

  test("that takes all is told", () => {
    expect(discountCost({ ...bill, fee: 7880 })).toMatchObject({
      issues: [{ code: "discount-takes-all" }],
    });
    expect(costOfPayingLate(100, 20)).toMatchObject({ issues: [{ code: "discount-takes-all" }] });
  });

  test("that is forgone costs what the rest earns in the days between", () => {
    const found = costOfPayingLate(2, 20);
    expect(found.ok && found.value).toBeCloseTo(((100 / 98) ** (365 / 20) - 1) * 100, 9);
  });
});
