import { describe, expect, test } from "@jest/globals";
import { effective, single, solved, stream, whyNot } from "../../../../test/problems";

const loan = single("loan", "in", 1000, "P0D");
const pay = (amount: number, parts: object = {}) =>
  stream("pay", "out", amount, { count: null, ...parts });
const asked = (flows: readonly object[], percent: number | readonly object[] = 10) =>
  solved({ rates: typeof percent === "number" ? [effective(percent)] : percent, flows });

describe("the number of payments", () => {
  test.each<[string, object[], number, number]>([
    ["of a loan", [loan, pay(1100)], 10, 1],
    ["of a loan over two years", [loan, pay(576.1904761904761)], 10, 2],
    ["in advance", [loan, pay(1000, { timing: "start" })], 10, 1],
    ["without interest", [loan, pay(8)], 0, 125],
    ["at a rate below zero", [loan, pay(1)], -0.05, Math.log(1.5) / -Math.log(0.9995)],
    ["a part of one", [loan, pay(4000)], 0, 0.25],
    ["hundreds of thousands", [single("loan", "in", 9e5, "P0D"), pay(1, { every: "P1D" })], 0, 9e5],
    [
      "the most that there may be",
      [single("loan", "in", 1e6, "P0D"), pay(1, { every: "P1D" })],
      0,
      1e6,
    ],
    ["of payments that grow", [loan, pay(500, { growth: { percent: 10, every: "P1Y" } })], 10, 2.2],
    ["of payments that rise", [loan, pay(100, { growth: { amount: 100, every: "P1Y" } })], 0, 4],
    [
      "towards a goal that waits for the end",
      [pay(100), single("goal", "in", 331, { endOf: "pay" })],
      10,
      3,
    ],
  ])("%s", (_, flows, percent, count) => {
    const { answers } = asked(flows, percent);
    expect(answers).toHaveLength(1);
    expect(answers[0].unit).toBe("payments");
    expect(answers[0].value / count).toBeCloseTo(1, 9);
  });

  test("falls between whole payments where the closed form has it", () => {
    // 500 + 400 are not enough, 500 + 400 + 300 are too much.
    const { answers, completeness } = asked(
      [loan, pay(500, { growth: { amount: -100, every: "P1Y" } })],
      0,
    );
    expect(answers[0].value).toBeGreaterThan(2);
    expect(answers[0].value).toBeLessThan(3);
    expect(completeness).toBe("every-payment");
  });

  test("at several rates is the one that makes the goal", () => {
    const rates = [effective(10), effective(20, "P2Y")];
    const { answers, completeness } = asked(
      [pay(100), single("goal", "in", 100 * 1.1 * 1.2 + 100 * 1.2 + 100, { endOf: "pay" })],
      rates,
    );
    expect(answers[0].value).toBeCloseTo(3, 9);
    expect(completeness).toBe("every-payment");
  });

  test("a rate that waits for the end of the payments starts with their number", () => {
    const { answers, settled } = asked(
      [pay(100), single("goal", "in", 331 * 1.5, "P4Y")],
      [effective(10), effective(50, { endOf: "pay" })],
    );
    expect(answers[0].value).toBeCloseTo(3, 9);
    expect(settled.spells[1]?.start).toBeCloseTo(3, 9);
  });

  test.each<[string, object[], object[]]>([
    ["level ones", [loan, pay(300)], [effective(10)]],
    ["rising ones", [loan, pay(300, { growth: { amount: 5, every: "P1Y" } })], [effective(10)]],
    [
      "shrinking ones",
      [loan, pay(300, { growth: { percent: -5, every: "P1Y" } })],
      [effective(10)],
    ],
    ["with others that end", [loan, pay(300), stream("b", "out", 5)], [effective(10)]],
    [
      "with a goal at the end",
      [pay(300), single("g", "in", 900, { endOf: "pay" })],
      [effective(10)],
    ],
    ["at several rates", [loan, pay(300)], [effective(10), effective(3, "P2Y")]],
  ])("there is only one: %s", (_, flows, rates) => {
    expect(asked(flows, rates).completeness).toBe("monotone");
  });

  test.each<[string, object[], object[]]>([
    [
      "growing ones, with a goal at the end",
      [
        pay(300, { growth: { percent: 5, every: "P1Y" } }),
        single("g", "in", 900, { endOf: "pay" }),
      ],
      [effective(10)],
    ],
    [
      "a goal at the end, at several rates",
      [pay(300), single("g", "in", 900, { endOf: "pay" })],
      [effective(10), effective(3, "P2Y")],
    ],
  ])("the first one found is told as such: %s", (_, flows, rates) => {
    expect(asked(flows, rates).completeness).toBe("every-payment");
  });
});

describe("whole payments", () => {
  test.each<[string, object[], number, object]>([
    [
      "none left over",
      [loan, pay(250)],
      0,
      { kind: "exact", full: 4, last: null, totalPaid: 1000, years: 4 },
    ],
    [
      "less than one",
      [loan, pay(1600)],
      0,
      { kind: "smaller", full: 0, last: { amount: 1000, years: 1 }, totalPaid: 1000, years: 1 },
    ],
    [
      "a smaller and a larger last one, monthly",
      [loan, pay(300, { every: "P1M" })],
      0,
      {
        kind: "smaller",
        full: 3,
        last: { amount: 100, years: 4 / 12 },
        largerLast: { amount: 400, years: 3 / 12 },
        totalPaid: 1000,
        years: 4 / 12,
      },
    ],
    [
      "of payments that grow: the last one against what it would have been",
      [loan, pay(400, { growth: { percent: 10, every: "P1Y" } })],
      0,
      // 400, 440, then 160 of 484; or 600 instead of 440.
      {
        kind: "smaller",
        full: 2,
        last: { amount: 160, years: 3 },
        largerLast: { amount: 600, years: 2 },
        totalPaid: 1000,
        years: 3,
      },
    ],
    [
      "in advance, with interest",
      [loan, pay(400, { timing: "start" })],
      10,
      // 600 → 660, 260 → 286, or 686 at the second.
      {
        kind: "smaller",
        full: 2,
        last: { amount: 286, years: 2 },
        largerLast: { amount: 660, years: 1 },
        totalPaid: 1086,
        years: 3,
      },
    ],
    [
      "of money that comes in",
      [single("price", "out", 1000, "P0D"), stream("rent", "in", 300, { count: null })],
      0,
      {
        kind: "smaller",
        full: 3,
        last: { amount: 100, years: 4 },
        largerLast: { amount: 400, years: 3 },
        totalPaid: 1000,
        years: 4,
      },
    ],
  ])("%s", (_, flows, percent, wanted) => {
    const near = JSON.parse(JSON.stringify(wanted), (key, value: unknown) =>
      ["amount", "years", "totalPaid"].includes(key)
        ? (expect.closeTo(value as number, 9) as unknown)
        : value,
    ) as object;
    expect(asked(flows, percent).facts.wholePayments).toEqual(near);
  });

  test("a count within a hair of a whole one is that", () => {
    const { facts } = asked([loan, pay(1000 / 7 + 1e-12)], 0);
    expect(facts.wholePayments).toMatchObject({ kind: "exact", full: 7, last: null, years: 7 });
  });
});

describe("no number of payments", () => {
  test.each<[string, object[], number | object[], object]>([
    ["nothing stands against them", [pay(10)], 5, { code: "one-way-money", direction: "out" }],
    [
      "all comes in",
      [loan, stream("pay", "in", 10, { count: null })],
      5,
      { code: "one-way-money", direction: "in", turn: "pay" },
    ],
    [
      "they are nothing",
      [single("zero", "in", 0, "P0D"), pay(0)],
      5,
      { code: "nothing-to-balance" },
    ],
    ["nothing is owed", [single("zero", "in", 0, "P0D"), pay(5)], 5, { code: "one-way-money" }],
    [
      "the goal is there already",
      [single("have", "out", 1000, "P0D"), pay(5), single("goal", "in", 900, "P0D")],
      5,
      { code: "goal-already-passed", id: "pay" },
    ],
    [
      "they are just the interest",
      [loan, pay(50)],
      5,
      { code: "payment-below-interest", id: "pay", smallest: expect.closeTo(50, 9) },
    ],
    [
      "they do not cover the interest of the last rate",
      [loan, pay(90)],
      [effective(5), effective(10, "P1Y")],
      {
        code: "payment-below-interest",
        // 1050 is owed when the rate changes, and 90 of it are paid.
        smallest: expect.closeTo(1000 / (1 / 1.05 + 10 / 1.05), 9),
      },
    ],
    [
      "they do not cover it, growing as they do",
      [loan, pay(10, { growth: { percent: 2, every: "P1Y" } })],
      5,
      { code: "payment-below-interest", smallest: expect.closeTo(30, 9) },
    ],
    [
      "they do not cover it, whatever waits for their end",
      [loan, pay(40), single("rest", "out", 5, { endOf: "pay" })],
      5,
      { code: "payment-below-interest", smallest: expect.closeTo(50, 9) },
    ],
    [
      "there would have to be too many",
      [single("loan", "in", 1e9, "P0D"), pay(1)],
      0,
      { code: "no-count-balances", limit: 1_000_000 },
    ],
    [
      "they fall away before they are enough",
      [loan, pay(40, { growth: { amount: -10, every: "P1Y" } })],
      0,
      { code: "no-count-balances" },
    ],
    [
      "a rate leaves nothing",
      [loan, pay(40)],
      [effective(5), effective(-100, { endOf: "pay" })],
      { code: "rate-too-low" },
    ],
  ])("where %s", (_, flows, percent, reason) => {
    const rates = typeof percent === "number" ? [effective(percent)] : percent;
    expect(whyNot({ rates, flows })).toMatchObject(reason);
  });
});
