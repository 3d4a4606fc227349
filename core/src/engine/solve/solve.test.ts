import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, list, problemOf, single, solved, stream, whyNot } from "../../../test/problems";
import { readProblem } from "../problem/problem-file";
import { sentenceOf } from "../../wording/sentences";
import { solve } from "./solve";
import type { Solution } from "./solution";
import { USUAL_FORMAT } from "../../wording/answer-format";

interface Amounts {
  readonly spells: Solution["settled"]["spells"];
  readonly flows: readonly { readonly id: string; readonly amount: number; readonly at: number }[];
}

/** The settled timeline of single amounts. */
function amountsOf({ settled }: Solution): Amounts {
  return { ...settled, flows: settled.flows.filter((flow) => flow.kind === "single") };
}

test("coupons may be a percentage of a redemption that is due when they end", () => {
  const { answers } = solved({
    rates: [effective(6)],
    flows: [
      single("price", "out", null, "P0D"),
      stream("coupons", "in", { times: 0.05, of: "redemption" }, { count: 2 }),
      single("redemption", "in", 1000, { endOf: "coupons" }),
    ],
  });
  expect(answers[0].value).toBeCloseTo(50 / 1.06 + 1050 / 1.06 ** 2, 9);
  const circle = readProblem({
    format: "kestrelmoor-problem",
    version: 2,
    rates: [effective(6)],
    flows: [
      single("price", "out", null, "P0D"),
      stream("one", "in", 50, { begins: { endOf: "other" } }),
      stream("other", "in", 50, { begins: { endOf: "one" } }),
    ],
  });
  expect(circle).toMatchObject({ issues: [{ code: "reference-cycle" }] });
});

/** The slow and obvious balance: each amount compounded year by year, then the broken rest of a year. */
function naiveBalance({ flows, spells }: Amounts): number {
  const last = Math.max(...flows.map(({ at }) => at));
  return flows.reduce((total, { amount, at }) => {
    let value = amount;
    for (let time = at; time < last - 1e-12;) {
      const index = Math.max(
        0,
        spells.findLastIndex(({ start }) => start <= time + 1e-12),
      );
      const end = Math.min(last, spells[index + 1]?.start ?? Infinity, time + 1);
      value *= (1 + (spells[index]?.percent ?? 0) / 100) ** (end - time);
      time = end;
    }
    return total + value;
  }, 0);
}

const money = fc.integer({ min: 100, max: 5_000_000 }).map((cents) => cents / 100);
const years = fc.nat(240).map((months) => `P${months}M`);
const percent = fc.integer({ min: -900, max: 3000 }).map((points) => points / 100);
const flows = fc
  .array(fc.tuple(fc.constantFrom("in" as const, "out" as const), money, years), {
    minLength: 1,
    maxLength: 6,
  })
  .map((list) =>
    list.map(([direction, amount, at], index) => single(`f${index}`, direction, amount, at)),
  );
const rates = fc
  .tuple(percent, fc.option(fc.tuple(fc.integer({ min: 1, max: 15 }), percent), { nil: undefined }))
  .map(([first, second]) => [
    effective(first),
    ...(second === undefined ? [] : [effective(second[1], `P${second[0]}Y`)]),
  ]);

function expectBalanced(solution: Solution): void {
  const settled = amountsOf(solution);
  const size = settled.flows.reduce((total, { amount }) => total + Math.abs(amount), 0);
  const grown = Math.exp(
    settled.spells.reduce((most, { force }) => Math.max(most, Math.abs(force)), 0) * 20,
  );
  expect(Math.abs(naiveBalance(settled))).toBeLessThanOrEqual(1e-10 * size * grown);
}

describe("what is found balances, checked by compounding year by year", () => {
  test("an amount", () => {
    fc.assert(
      fc.property(flows, rates, years, (known, spells, at) => {
        expectBalanced(solved({ rates: spells, flows: [...known, single("x", "in", null, at)] }));
      }),
    );
  });

  test("every date, where there is one", () => {
    fc.assert(
      fc.property(money, money, rates, (put, back, spells) => {
        const solution = solve(
          problemOf({
            rates: spells,
            flows: [single("a", "out", put, "P0D"), single("b", "in", back, null)],
          }),
        );
        if (!solution.ok) return;
        for (const { value } of solution.value.answers) {
          if (Math.abs(value) < 60) {
            const settled = {
              ...solution.value.settled,
              flows: amountsOf(solution.value).flows.map((flow) =>
                flow.id === "b" ? { ...flow, at: value } : flow,
              ),
            };
            const grown = Math.exp(
              Math.max(...settled.spells.map(({ force }) => Math.abs(force))) * 60,
            );
            expect(Math.abs(naiveBalance(settled))).toBeLessThan(1e-9 * (put + back) * grown);
          }
        }
      }),
    );
  });

  test("every rate, where there is one", () => {
    fc.assert(
      fc.property(flows, (known) => {
        const solution = solve(problemOf({ rates: [effective(null)], flows: known }));
        if (!solution.ok) return;
        for (const { value } of solution.value.answers) {
          expect(value).toBeGreaterThan(-100);
          if (value < -90 || value > 200) continue;
          const settled = amountsOf(solution.value);
          const spells = settled.spells.map((spell) => ({ ...spell, percent: value }));
          const size = settled.flows.reduce(
            (total, { amount, at }) => total + Math.abs(amount) * (1 + value / 100) ** (20 - at),
            0,
          );
          expect(Math.abs(naiveBalance({ ...settled, spells }))).toBeLessThan(1e-8 * size + 1e-8);
        }
      }),
    );
  });

  test("solving back gives the old figure again, whichever fact is asked", () => {
    fc.assert(
      fc.property(money, percent, fc.integer({ min: 1, max: 240 }), (put, rate, months) => {
        fc.pre(rate !== 0);
        const at = `P${months}M`;
        const parts = (amount: unknown, figure: unknown, back: unknown, when: unknown) => ({
          rates: [{ percent: figure, quoted: "nominal", compounding: "P3M" }],
          flows: [single("a", "out", amount, "P0D"), single("b", "in", back, when)],
        });
        const back = solved(parts(put, rate, null, at)).answers[0].value;
        const close = (found: number, exact: number) =>
          expect(Math.abs(found / exact - 1)).toBeLessThan(1e-9);
        fc.pre(back > 1e-3 && back < 1e12);
        close(solved(parts(null, rate, back, at)).answers[0].value, put);
        close(solved(parts(put, null, back, at)).answers[0].value, rate);
        close(solved(parts(put, rate, back, null)).answers[0].value, months / 12);
      }),
    );
  });
});

test("whatever is asked of whatever amounts and rates, there is a finite answer or a reason", () => {
  const size = fc.constantFrom(0, 1e-300, 1e-9, 0.01, 1, 100, 5e12, 1e13);
  const date = fc.constantFrom("P0D", "P0.0001D", "P1D", "P3W", "P7M", "P1Y", "P500Y", "P1000Y");
  const figure = fc.constantFrom(
    -1e6,
    -100,
    -99.9999999,
    -50,
    -1e-9,
    0,
    1e-300,
    1e-12,
    5,
    400,
    1e6,
  );
  const quotation = fc.constantFrom<object>(
    { quoted: "effective" },
    { quoted: "continuous" },
    { quoted: "nominal", compounding: "P1D" },
    { quoted: "periodic", compounding: "P1M" },
  );
  const side = fc.constantFrom("in", "out");
  fc.assert(
    fc.property(
      fc.array(fc.tuple(side, size, date), { minLength: 1, maxLength: 9 }),
      fc.array(fc.tuple(figure, quotation), { minLength: 1, maxLength: 3 }),
      fc.constantFrom("amount", "at", "percent", "worth"),
      fc.nat(8),
      (list, quoted, asked, which) => {
        const place = which % (asked === "percent" ? quoted.length : list.length);
        const read = readProblem({
          format: "kestrelmoor-problem",
          version: 1,
          rates: quoted.map(([percentage, how], index) => ({
            ...how,
            percent: asked === "percent" && index === place ? null : percentage,
            ...(index === 0 ? {} : { from: ["P1D", "P5Y", "P500Y"][index] }),
          })),
          flows: list.map(([direction, amount, at], index) =>
            single(
              `f${index}`,
              direction,
              asked === "amount" && index === place ? null : amount,
              asked === "at" && index === place ? null : at,
            ),
          ),
          ...(asked === "worth" ? { ask: { find: "value", at: "P1Y" } } : {}),
        });
        if (!read.ok) throw new Error(JSON.stringify(read.issues));
        const solution = solve(read.value);
        if (!solution.ok) {
          for (const found of solution.issues)
            expect(sentenceOf(found, USUAL_FORMAT)).not.toMatch(/NaN|undefined/);
          return;
        }
        for (const { value } of solution.value.answers) expect(Number.isFinite(value)).toBe(true);
        const { totalIn, totalOut } = solution.value.facts;
        expect([totalIn, totalOut].every((total) => Number.isFinite(total))).toBe(true);
      },
    ),
    { numRuns: 2000 },
  );
});

describe("answers", () => {
  test("an amount that comes out below zero is given with the direction that balances", () => {
    const solution = solved({
      rates: [effective(5)],
      flows: [single("a", "out", 100, "P0D"), single("b", "out", null, "P1Y")],
    });
    expect(solution.answers).toEqual([
      { value: 105, unit: "money", direction: "in", turned: true },
    ]);
    expect(solution.settled.flows[1]).toMatchObject({ amount: 105, at: 1 });
  });

  test("a worth is signed and has no direction", () => {
    const solution = solved({
      rates: [effective(10)],
      flows: [single("a", "in", 121, "P2Y"), single("b", "out", 1000, "P0D")],
      ask: { find: "value", at: "P1Y" },
    });
    expect(solution.answers[0].unit).toBe("money");
    expect(solution.answers[0].value).toBeCloseTo(-990, 10);
    expect(solution.answers[0]).not.toHaveProperty("direction");
  });

  test("amounts may hang on the unknown", () => {
    const solution = solved({
      rates: [effective(0)],
      flows: [
        single("price", "in", null, "P0D"),
        single("deposit", "out", { times: 0.25, of: "price" }, "P0D"),
        single("rest", "out", 300, "P1Y"),
      ],
    });
    expect(solution.answers[0].value).toBe(400);
    expect(amountsOf(solution).flows.map(({ amount }) => amount)).toEqual([400, -100, -300]);
  });

  test("a rate may be said by the unknown one", () => {
    const solution = solved({
      rates: [effective(null), { ...effective({ plus: 2, of: 0 }), from: "P1Y" }],
      flows: [single("a", "out", 100, "P0D"), single("b", "in", 110.24, "P2Y")],
    });
    expect(solution.answers[0].value).toBeCloseTo(4, 10);
  });

  test("all rates are told, ascending", () => {
    const solution = solved({
      rates: [effective(null)],
      flows: [
        single("a", "out", 1000, "P0D"),
        single("b", "in", 2300, "P1Y"),
        single("c", "out", 1320, "P2Y"),
      ],
    });
    expect(solution.answers.map(({ value }) => value)).toEqual([
      expect.closeTo(10, 9),
      expect.closeTo(20, 9),
    ]);
  });

  test("with rates above and below zero a goal is reached on several dates, and all are told", () => {
    const solution = solved({
      rates: [effective(10), effective(-10, "P3Y")],
      flows: [single("a", "out", 100, "P0D"), single("b", "in", 121, null)],
    });
    expect(solution.answers.map(({ value }) => value)).toEqual([
      expect.closeTo(2, 12),
      expect.closeTo(3 + Math.log(1.1) / -Math.log(0.9), 12),
    ]);
  });

  test("an unknown rate that holds for a part of the time only", () => {
    const solution = solved({
      rates: [effective(5), { percent: null, quoted: "periodic", compounding: "P6M", from: "P2Y" }],
      flows: [single("a", "out", 100, "P0D"), single("b", "in", 110.25 * 1.04 ** 6, "P5Y")],
    });
    expect(solution.answers[0].value).toBeCloseTo(4, 10);
  });

  test("large known amounts do not drown a small unknown", () => {
    const solution = solved({
      rates: [effective(3.7)],
      flows: [
        single("a", "in", 1e12, "P0D"),
        single("b", "out", 1e12, "P0D"),
        single("c", "out", 0.01, "P0D"),
        single("x", "in", null, "P1Y"),
      ],
    });
    expect(solution.answers[0].value).toBeCloseTo(0.01037, 12);
  });
});

describe("facts", () => {
  test("of payments for ever have no total, and no interest", () => {
    const { facts } = solved({
      rates: [effective(5)],
      flows: [
        stream("rent", "in", 100, { count: "forever", every: "P1M" }),
        single("price", "out", null, "P0D"),
      ],
      also: [{ find: "total", of: "rent" }],
    });
    expect(facts).toMatchObject({ totalIn: null, totalOut: expect.closeTo(24_545.155, 2) });
    expect(facts).not.toHaveProperty("interest");
    expect(facts.streams).toEqual([
      {
        id: "rent",
        payments: null,
        percentPerPayment: expect.closeTo((1.05 ** (1 / 12) - 1) * 100, 12),
        firstYears: 1 / 12,
        lastYears: null,
        total: null,
      },
    ]);
  });

  test("of payments that fall below zero count each way by itself", () => {
    const { facts } = solved({
      rates: [effective(0)],
      flows: [
        stream("shrinking", "in", 3, { count: 6, growth: { amount: -1, every: "P1Y" } }),
        single("rest", "out", null, "P9Y"),
      ],
    });
    // 3, 2, 1, 0, −1, −2.
    expect([facts.totalIn, facts.totalOut]).toEqual([6, 6]);
  });

  test("of a count are those of whole payments, with the smaller or the larger last one", () => {
    const loan = {
      rates: [effective(10)],
      flows: [single("loan", "in", 1000, "P0D"), stream("payments", "out", 400, { count: null })],
      also: [
        { find: "total", of: "payments" },
        { find: "balance", at: "P2Y" },
        { find: "balance", at: "P4Y" },
      ],
    };
    const { answers, facts, also } = solved(loan);
    expect(answers[0].value).toBeCloseTo(Math.log(4 / 3) / Math.log(1.1), 12);
    // By hand: 1100 − 400 = 700, 770 − 400 = 370, 407 − 400 = 7, 7.70.
    expect(facts.wholePayments).toEqual({
      kind: "smaller",
      full: 3,
      last: { amount: expect.closeTo(7.7, 9), years: 4 },
      largerLast: { amount: expect.closeTo(407, 9), years: 3 },
      totalPaid: expect.closeTo(1207.7, 9),
      years: 4,
    });
    expect(facts.totalOut).toBeCloseTo(1207.7, 9);
    expect(facts.streams[0]).toMatchObject({ payments: 4, lastYears: 4 });
    expect(also).toEqual([expect.closeTo(1207.7, 9), expect.closeTo(370, 9), expect.closeTo(0, 9)]);
  });

  test("of a goal at the end of saving: it waits for the last payment, whole or smaller", () => {
    const { facts } = solved({
      rates: [effective(0)],
      flows: [
        stream("saving", "out", 300, { count: null, timing: "start" }),
        single("goal", "in", 1000, { endOf: "saving" }),
      ],
    });
    expect(facts.wholePayments).toMatchObject({
      full: 3,
      last: { amount: expect.closeTo(100, 9), years: 3 },
      largerLast: { amount: expect.closeTo(400, 9), years: 2 },
    });
  });

  test("of less than one payment have no larger last one", () => {
    const { facts } = solved({
      rates: [effective(0)],
      flows: [single("loan", "in", 100, "P0D"), stream("payments", "out", 400, { count: null })],
    });
    expect(facts.wholePayments).toEqual({
      kind: "smaller",
      full: 0,
      last: { amount: expect.closeTo(100, 9), years: 1 },
      totalPaid: expect.closeTo(100, 9),
      years: 1,
    });
  });
});

describe("follow-ups", () => {
  test.each<[string, object, number]>([
    ["the balance just after the loan", { find: "balance", at: "P0D" }, 1000],
    ["the balance after a payment", { find: "balance", at: "P1Y" }, 600],
    ["the balance after the last payment", { find: "balance", at: "P2Y" }, 0],
    ["interest in the first year", { find: "interest", from: "P0D", to: "P1Y" }, 100],
    ["interest in the second year", { find: "interest", from: "P1Y", to: "P2Y" }, 60],
    ["interest in both years", { find: "interest", from: "P0D", to: "P2Y" }, 160],
    ["principal in the first year", { find: "principal", from: "P0D", to: "P1Y" }, 400],
    ["principal in the second year", { find: "principal", from: "P1Y", to: "P2Y" }, 600],
    ["all money out", { find: "total", of: "out" }, 1160],
    ["one flow", { find: "total", of: "loan" }, 1000],
    ["what a balanced timeline is worth", { find: "value", at: "P1Y" }, 0],
  ])("%s", (_, question, value) => {
    const { also } = solved({
      rates: [effective(10)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        single("first", "out", 500, "P1Y"),
        single("last", "out", null, "P2Y"),
      ],
      also: [question],
    });
    expect(also).toEqual([expect.closeTo(value, 9)]);
  });

  test("of savings count the other way round: interest is earned, and principal put in is below zero", () => {
    const { also } = solved({
      rates: [effective(10)],
      flows: [
        single("first", "out", 100, "P0D"),
        single("second", "out", 50, "P1Y"),
        single("back", "in", null, "P2Y"),
      ],
      also: [
        { find: "balance", at: "P1Y" },
        { find: "interest", from: "P0D", to: "P2Y" },
        { find: "principal", from: "P0D", to: "P1Y" },
      ],
    });
    expect(also).toEqual([160, 26, -60].map((value) => expect.closeTo(value, 9)));
  });

  test("looking back is looking forward: the balance is what the rest is worth", () => {
    fc.assert(
      fc.property(flows, rates, fc.nat(20), (known, spells, at) => {
        const last = single("x", "out", null, "P25Y");
        const back = solved({
          rates: spells,
          flows: [...known, last],
          also: [{ find: "balance", at: `P${at}Y` }],
        });
        const ahead = amountsOf(back).flows.filter((flow) => flow.at > at);
        const rest = naiveBalance({
          ...back.settled,
          flows: [...ahead, { id: "now", amount: 0, at: 25 }],
        });
        const stretch = naiveBalance({
          ...back.settled,
          flows: [
            { id: "unit", amount: 1, at },
            { id: "end", amount: 0, at: 25 },
          ],
        });
        const size = amountsOf(back).flows.reduce(
          (total, { amount }) => total + Math.abs(amount),
          0,
        );
        const forward = Math.abs(rest / stretch);
        expect(Math.abs(Math.abs(back.also[0] ?? NaN) - forward)).toBeLessThanOrEqual(
          1e-8 * (size + forward) + 1e-8 * Math.abs(size / stretch),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe("where nothing balances, the reason is told by its code and by a sentence", () => {
  const out = single("a", "out", 100, "P0D");
  test.each<[string, object]>([
    ["unknown-missing", { rates: [effective(5)], flows: [out] }],
    ["unknown-several", { rates: [effective(null)], flows: [single("a", "out", null, "P0D")] }],
    [
      "unknown-beside-ask",
      {
        rates: [effective(5)],
        flows: [single("a", "out", null, "P0D")],
        ask: { find: "value", at: "P0D" },
      },
    ],
    ["one-way-money", { rates: [effective(null)], flows: [out, single("b", "out", 150, "P5Y")] }],
    ["one-way-money", { rates: [effective(5)], flows: [out, single("b", "out", 150, null)] }],
    [
      "no-rate-balances",
      {
        rates: [effective(null)],
        flows: [out, single("b", "in", 150, "P1Y"), single("c", "out", 100, "P2Y")],
      },
    ],
    [
      "rate-has-no-effect",
      { rates: [effective(null)], flows: [out, single("b", "in", 150, "P0D")] },
    ],
    [
      "every-rate-balances",
      { rates: [effective(null)], flows: [out, single("b", "in", 100, "P0D")] },
    ],
    ["rate-too-low", { rates: [effective(-100)], flows: [single("a", "in", null, "P1Y")] }],
    ["nothing-to-balance", { rates: [effective(5)], flows: [single("b", "in", 1, null)] }],
    ["any-date-balances", { rates: [effective(0)], flows: [out, single("b", "in", 100, null)] }],
    ["date-never-reached", { rates: [effective(0)], flows: [out, single("b", "in", 110, null)] }],
    [
      "date-never-reached",
      { rates: [effective(5), effective(0, "P1Y")], flows: [out, single("b", "in", 110, null)] },
    ],
    ["answer-too-far", { rates: [effective(0.001)], flows: [out, single("b", "in", 900, null)] }],
    [
      "answer-too-large",
      {
        rates: [{ percent: 1e6, quoted: "continuous" }],
        flows: [out, single("b", "in", null, "P9Y")],
      },
    ],
    [
      "unknown-cancels",
      {
        rates: [effective(5)],
        flows: [
          single("x", "in", null, "P0D"),
          single("y", "out", { times: 1, of: "x" }, "P0D"),
          out,
        ],
      },
    ],
    [
      "perpetuity-without-worth",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 100, { count: "forever", growth: { percent: 5, every: "P1Y" } }),
          single("price", "out", null, "P0D"),
        ],
      },
    ],
    [
      "growth-too-low",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 100, { growth: { percent: -100, every: "P1Y" } }),
          single("price", "out", null, "P0D"),
        ],
      },
    ],
    [
      "growth-too-irregular",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 100, { growth: { percent: 3, every: "P0.0031757Y" } }),
          single("price", "out", null, "P0D"),
        ],
      },
    ],
    [
      "growth-has-no-effect",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 100, { every: "P1M", growth: { percent: null, every: "P1Y" } }),
          single("price", "out", 900, "P0D"),
        ],
      },
    ],
    [
      "no-growth-balances",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 100, { growth: { percent: null, every: "P1Y" } }),
          single("price", "out", 90, "P0D"),
        ],
      },
    ],
    [
      "start-not-found",
      {
        rates: [effective(5), effective(6, "P3Y")],
        flows: [
          stream("rent", "in", 1, { begins: null, count: 2 }),
          single("price", "out", 1e12, "P0D"),
        ],
      },
    ],
    [
      "payment-below-interest",
      {
        rates: [effective(5)],
        flows: [single("loan", "in", 1000, "P0D"), stream("payments", "out", 49, { count: null })],
      },
    ],
    [
      "goal-already-passed",
      {
        rates: [effective(5)],
        flows: [
          single("have", "out", 1000, "P0D"),
          stream("saving", "out", 49, { count: null }),
          single("goal", "in", 900, { endOf: "saving" }),
        ],
      },
    ],
    [
      "no-count-balances",
      {
        rates: [effective(-5)],
        flows: [
          stream("saving", "out", 49, { count: null }),
          single("goal", "in", 1900, { endOf: "saving" }),
        ],
      },
    ],
    [
      "rates-out-of-order",
      {
        rates: [effective(5), effective(6, "P9Y"), effective(7, { endOf: "saving" })],
        flows: [stream("saving", "out", 49, { count: 3 }), single("goal", "in", null, "P9Y")],
      },
    ],
  ])("%s", (code, parts) => {
    const found = whyNot(parts);
    expect(found?.code).toBe(code);
    if (found !== null) expect(sentenceOf(found, USUAL_FORMAT)).toMatch(/^[A-Z“].*\.$/);
  });

  test("money that goes one way names the amount to turn round", () => {
    const found = whyNot({
      rates: [effective(null)],
      flows: [out, single("b", "out", 150, "P5Y")],
    });
    expect(found).toMatchObject({ direction: "out", turn: "b" });
  });

  test.each<[string, object, string | undefined]>([
    [
      "a loan that was entered as money out",
      { flows: [single("loan", "out", 1000, "P0D"), stream("pay", "out", 99, { count: null })] },
      "pay",
    ],
    [
      "no flow alone would mend it",
      {
        flows: [
          single("loan", "in", 1000, "P0D"),
          stream("pay", "out", 900, { count: null, begins: "P900Y" }),
        ],
      },
      undefined,
    ],
  ])("%s", (_, parts, turn) => {
    expect(whyNot({ rates: [effective(5)], ...parts })).toHaveProperty("code");
    expect((whyNot({ rates: [effective(5)], ...parts }) as { turn?: string }).turn).toBe(turn);
  });

  test("the flow to turn is the one that helps, not just the last", () => {
    // Turned round, the middle amount would leave nothing that comes in.
    const found = whyNot({
      rates: [effective(null)],
      flows: [
        single("later", "out", 100, "P2Y"),
        single("first", "out", 100, "P0D"),
        single("middle", "in", 150, "P1Y"),
      ],
    });
    expect(found).toMatchObject({ code: "no-rate-balances", turn: "first" });
  });

  test.each<[string, object[], string | null]>([
    ["as many as can be worked on", [], null],
    ["one more", [list("more", [1])], "problem-too-large"],
  ])("amounts in lists: %s", (_, more, code) => {
    const amounts = Array.from({ length: 5000 }, () => 1);
    const problem = {
      rates: [effective(5)],
      flows: [
        ...["a", "b", "c"].map((id) => list(id, amounts)),
        {
          id: "d",
          kind: "dated",
          entries: amounts.map((amount) => ({ on: "2027-03-01", amount })),
        },
        stream("e", "out", 1, { count: 100_000 }),
        single("asked", "in", null, "P0D"),
        ...more,
      ],
    };
    expect(whyNot(problem)?.code ?? null).toBe(code);
  });

  test("a payment below the interest is told with the smallest one that would do", () => {
    const loan = (payment: number) => ({
      rates: [effective(5), effective(6, "P4Y")],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("payments", "out", payment, { count: null, timing: "start", begins: "P1Y" }),
      ],
    });
    const found = whyNot(loan(40));
    if (found?.code !== "payment-below-interest") throw new Error("Another reason");
    expect(whyNot(loan(found.smallest * (1 - 1e-6)))?.code).toBe("payment-below-interest");
    expect(solved(loan(found.smallest * (1 + 1e-6))).answers[0].value).toBeGreaterThan(50);
  });

  test("a search that would take too long is not begun", () => {
    const many = Array.from({ length: 200 }, (_, index) =>
      single(`f${index}`, index % 2 === 0 ? "in" : "out", 100 + index, `P${index * 37.123}M`),
    );
    expect(whyNot({ rates: [effective(null)], flows: many })?.code).toBe("rate-search-too-large");
    expect(
      whyNot({
        rates: [effective(null)],
        flows: [
          list(
            "l",
            Array.from({ length: 5000 }, (_, index) => (-1) ** index * (1 + index)),
          ),
        ],
      })?.code,
    ).toBe("rate-search-too-large");
  });
});
