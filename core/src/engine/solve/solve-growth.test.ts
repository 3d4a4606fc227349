import { describe, expect, test } from "@jest/globals";
import { effective, single, solved, stream, whyNot } from "../../../test/problems";

const growing = (parts: object = {}, every = "P1Y") =>
  stream("rent", "in", 100, { growth: { percent: null, every }, ...parts });
const price = (amount: number) => single("price", "out", amount, "P0D");
const worthOf = (percent: number, parts: object, every = "P1Y", rate = 8): number =>
  solved({
    rates: [effective(rate)],
    flows: [stream("rent", "in", 100, { growth: { percent, every }, ...parts })],
    ask: { find: "value", at: "P0D" },
  }).answers[0].value;

describe("the growth of payments", () => {
  test.each<[string, number, object, string]>([
    ["above zero", 3, { count: 20 }, "P1Y"],
    ["below zero", -3, { count: 20 }, "P1Y"],
    ["that is none", 0, { count: 20 }, "P1Y"],
    ["at the rate", 8, { count: 20 }, "P1Y"],
    ["of two payments, the least that can grow", 12, { count: 2 }, "P1Y"],
    ["that makes hundreds of the first payment", 900, { count: 4 }, "P1Y"],
    ["that leaves next to nothing", -99, { count: 4 }, "P1Y"],
    ["of monthly payments once a year", 4, { count: 13, every: "P1M" }, "P1Y"],
    ["of yearly payments twice a year", 4, { count: 2 }, "P6M"],
    ["of a last payment that is not whole", 4, { count: 12.5, every: "P1M" }, "P1Y"],
    ["for ever, below the rate", 7.5, { count: "forever" }, "P1Y"],
    ["for ever, a hair below the rate", 7.9999, { count: "forever" }, "P1Y"],
    ["for ever, far below it", -50, { count: "forever" }, "P1Y"],
    [
      "for ever, monthly payments that grow each quarter",
      1,
      { count: "forever", every: "P1M" },
      "P3M",
    ],
    ["for ever, yearly payments that grow each month", 0.3, { count: "forever" }, "P1M"],
  ])("%s", (_, percent, parts, every) => {
    const { answers, completeness } = solved({
      rates: [effective(8)],
      flows: [growing(parts, every), price(worthOf(percent, parts, every))],
    });
    expect(answers).toEqual([{ value: expect.closeTo(percent, 8), unit: "percent" }]);
    expect(completeness).toBe("monotone");
  });

  test("for ever at a rate below zero, where the payments must shrink faster than that", () => {
    const worth = worthOf(-10, { count: "forever" }, "P1Y", -4);
    const { answers } = solved({
      rates: [effective(-4)],
      flows: [growing({ count: "forever" }), price(worth)],
    });
    expect(answers[0].value).toBeCloseTo(-10, 8);
  });

  test.each<[string, object, object]>([
    [
      "nothing stands against the payments",
      { flows: [growing()] },
      { code: "one-way-money", direction: "in" },
    ],
    [
      "the payments go out, and so does the rest",
      {
        flows: [stream("rent", "out", 100, { growth: { percent: null, every: "P1Y" } }), price(9)],
      },
      { code: "one-way-money", direction: "out" },
    ],
    [
      "the payments are nothing",
      { flows: [stream("rent", "in", 0, { growth: { percent: null, every: "P1Y" } }), price(900)] },
      { code: "nothing-to-balance" },
    ],
    [
      "the first payment alone is too much",
      { flows: [growing(), price(92)] },
      { code: "no-growth-balances", enough: true },
    ],
    [
      "no growth is fast enough",
      {
        flows: [
          stream("rent", "in", 1e-9, { growth: { percent: null, every: "P1Y" }, count: 2 }),
          price(1e9),
        ],
      },
      { code: "no-growth-balances", enough: false },
    ],
    [
      "the only payment comes before any growth",
      { flows: [growing({ count: 1 }), price(900)] },
      { code: "growth-has-no-effect" },
    ],
    [
      "the last payment comes before any growth",
      { flows: [growing({ count: 12, every: "P1M" }), price(5000)] },
      { code: "growth-has-no-effect" },
    ],
    [
      "the last part of a payment comes before any growth",
      { flows: [growing({ count: 11.5, every: "P1M" }), price(5000)] },
      { code: "growth-has-no-effect" },
    ],
  ])("none where %s", (_, parts, reason) => {
    expect(whyNot({ rates: [effective(8)], ...parts })).toMatchObject(reason);
  });
});
