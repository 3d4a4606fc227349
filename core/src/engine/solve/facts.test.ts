import { describe, expect, test } from "@jest/globals";
import { effective, list, single, solved, stream } from "../../../test/problems";

describe("facts", () => {
  test("tell of each rate spell what it earns in a year", () => {
    const { facts } = solved({
      rates: [
        { percent: 12, quoted: "nominal", compounding: "P1M" },
        { ...effective(3), from: "P1Y" },
        { percent: 2, quoted: "periodic", compounding: "P6M", from: "P2Y" },
      ],
      flows: [single("put-in", "out", 100, "P0D"), single("back", "in", null, "P3Y")],
    });
    expect(facts.effectivePercents).toEqual([
      expect.closeTo(12.6825030131969, 12),
      expect.closeTo(3, 12),
      expect.closeTo(4.04, 12),
    ]);
  });

  test.each([
    ["more comes back than was put in", 5, "earned", 5],
    ["less comes back", -5, "paid", 5],
    ["just as much comes back", 0, "earned", 0],
  ])("the interest where %s", (_, percent, interestIs, interest) => {
    const { facts } = solved({
      rates: [effective(percent)],
      flows: [single("put-in", "out", 100, "P0D"), single("back", "in", null, "P1Y")],
    });
    expect(facts).toMatchObject({ interestIs, interest: expect.closeTo(interest, 12) });
  });

  test("a worth has no interest: its amounts make no equation", () => {
    const { facts } = solved({
      rates: [effective(5)],
      flows: [single("a", "out", 100, "P0D"), single("b", "in", 300, "P1Y")],
      ask: { find: "value", at: "P0D" },
    });
    expect(facts).toMatchObject({ totalIn: 300, totalOut: 100 });
    expect(facts).not.toHaveProperty("interest");
    expect(facts).not.toHaveProperty("interestIs");
  });

  test("payments that fall below zero have the total of both ways", () => {
    const { facts } = solved({
      rates: [effective(0)],
      // 5, 2, −1.
      flows: [
        stream("falling", "in", 5, { count: 3, growth: { amount: -3, every: "P1Y" } }),
        single("rest", "out", null, "P9Y"),
      ],
    });
    expect(facts.streams[0]).toMatchObject({ total: 6, payments: 3, firstYears: 1, lastYears: 3 });
  });

  test("without a count to find there are no whole payments to tell", () => {
    const { facts } = solved({
      rates: [effective(5)],
      flows: [stream("saving", "out", 10, { count: 2.5 }), single("goal", "in", null, "P3Y")],
    });
    expect(facts).not.toHaveProperty("wholePayments");
    expect(facts.streams[0]).toMatchObject({ payments: 2.5, lastYears: 3 });
  });

  test("a count that comes out whole has nothing left over for a last payment", () => {
    const { facts, also } = solved({
      rates: [effective(0)],
      flows: [
        stream("saving", "out", 250, { count: null, timing: "start" }),
        single("goal", "in", 1000, { endOf: "saving" }),
      ],
      also: [
        { find: "value", at: { endOf: "saving" } },
        { find: "balance", at: { endOf: "saving" } },
        { find: "total", of: "saving" },
      ],
    });
    expect(facts.wholePayments).toMatchObject({ kind: "exact", full: 4, last: null, years: 4 });
    expect(facts.streams[0]).toMatchObject({ payments: 4, firstYears: 0, lastYears: 3 });
    expect(also).toEqual([expect.closeTo(0, 9), expect.closeTo(0, 9), expect.closeTo(1000, 9)]);
  });

  test("where interest alone reaches the goal there is no further payment", () => {
    const { facts, also } = solved({
      rates: [effective(10)],
      flows: [
        stream("saving", "out", 300, { count: null }),
        single("goal", "in", 1000, { endOf: "saving" }),
      ],
      also: [
        { find: "balance", at: "P3Y" },
        { find: "interest", from: "P0D", to: { endOf: "saving" } },
      ],
    });
    // 300, 630, 993, and a year on 1092.30 without a fourth payment: the goal is reached before.
    const years = 3 + Math.log(1000 / 993) / Math.log(1.1);
    expect(facts.wholePayments).toMatchObject({
      kind: "interest-alone",
      full: 3,
      last: null,
      goalReachedYears: expect.closeTo(years, 9),
    });
    expect(facts.totalIn).toBeCloseTo(1000, 9);
    expect(facts.totalOut).toBeCloseTo(900, 9);
    expect(also).toEqual([expect.closeTo(993, 9), expect.closeTo(100, 9)]);
  });
});

describe("follow-ups", () => {
  const salad = {
    rates: [effective(10)],
    flows: [
      list("nothing-yet", [0, 0]),
      stream("rising", "in", 0, { count: 3, growth: { amount: 10, every: "P1Y" } }),
      list("mixed", [-5, 8], { begins: "P4Y" }),
      single("rest", "out", null, "P6Y"),
    ],
  };

  test("the totals of either way and of a flow that goes both ways", () => {
    const { also, answers } = solved({
      ...salad,
      also: [
        { find: "total", of: "in" },
        { find: "total", of: "out" },
        { find: "total", of: "mixed" },
        { find: "total", of: "rising" },
      ],
    });
    // 10 after two years, 20 after three, −5 after four, 8 after five.
    const rest = 10 * 1.1 ** 4 + 20 * 1.1 ** 3 - 5 * 1.1 ** 2 + 8 * 1.1;
    expect(answers[0].value).toBeCloseTo(rest, 9);
    expect(also).toEqual([38, expect.closeTo(5 + rest, 9), 3, 30]);
  });

  test("a balance has the sign of the money that moves first, past all that is zero", () => {
    const { also } = solved({ ...salad, also: [{ find: "balance", at: "P3Y" }] });
    expect(also[0]).toBeCloseTo(10 * 1.1 + 20, 9);
    const turned = solved({
      rates: [effective(10)],
      flows: [
        stream("nothing", "in", 0, { count: 2 }),
        single("put-in", "out", 100, "P2Y"),
        single("back", "in", null, "P3Y"),
      ],
      also: [{ find: "balance", at: "P2Y" }],
    });
    expect(turned.also[0]).toBeCloseTo(100, 9);
  });

  test("none asked, none answered", () => {
    expect(solved(salad).also).toEqual([]);
  });
});
