import { describe, expect, test } from "@jest/globals";
import { effective, list, single, solved, stream, whyNot } from "../../../test/problems";

const dated = (id: string, entries: readonly [string, unknown][]) => ({
  id,
  kind: "dated",
  entries: entries.map(([on, amount]) => ({ on, amount })),
});

describe("an amount", () => {
  test.each<[string, object, object]>([
    [
      "a single one",
      { flows: [single("a", "out", 100, "P2Y"), single("b", "in", null, "P3Y")] },
      { value: expect.closeTo(110, 12), unit: "money", direction: "in" },
    ],
    [
      "that is nothing",
      { flows: [single("a", "out", 0, "P2Y"), single("b", "in", null, "P3Y")] },
      { value: 0, unit: "money", direction: "in" },
    ],
    [
      "an outgoing one that has to come in",
      { flows: [single("a", "out", 100, "P2Y"), single("b", "out", null, "P3Y")] },
      { value: expect.closeTo(110, 12), unit: "money", direction: "in", turned: true },
    ],
    [
      "an incoming one that has to go out",
      { flows: [single("a", "in", 100, "P2Y"), single("b", "in", null, "P3Y")] },
      { value: expect.closeTo(110, 12), unit: "money", direction: "out", turned: true },
    ],
    [
      "an entry of a list, at its own date",
      { flows: [single("a", "out", 100, "P2Y"), list("b", [0, null], { begins: "P2Y" })] },
      { value: expect.closeTo(110, 12), unit: "money", direction: "in" },
    ],
    [
      "an entry of a monthly list",
      {
        flows: [
          single("a", "in", 1000, "P6M"),
          list("b", [0, 0, null], { begins: "P4M", every: "P1M" }),
        ],
      },
      { value: expect.closeTo(1000, 11), unit: "money", direction: "out" },
    ],
    [
      "an entry of a list that is nothing",
      { flows: [list("b", [0, null])] },
      { value: 0, unit: "money", direction: "in" },
    ],
    [
      "an entry with a date",
      {
        flows: [
          dated("b", [
            ["2027-03-01", -100],
            ["2028-02-29", null],
          ]),
        ],
      },
      { value: expect.closeTo(110, 12), unit: "money", direction: "in" },
    ],
    [
      "the step of a stream, below zero where the payments fall",
      {
        flows: [
          stream("pay", "out", 100, { count: 2, growth: { amount: null, every: "P1Y" } }),
          single("loan", "in", 157.02479338842977, "P0D"),
        ],
      },
      { value: expect.closeTo(-20, 9), unit: "money", direction: "out" },
    ],
  ])("%s", (_, parts, answer) => {
    expect(solved({ rates: [effective(10)], ...parts }).answers).toEqual([answer]);
  });

  test("several flows with dates share one calendar, which begins with the earliest of them all", () => {
    const { answers, settled } = solved({
      rates: [effective(10)],
      flows: [
        single("today", "in", 0, "P0D"),
        dated("later", [["2028-02-29", -110]]),
        dated("early", [
          ["2027-03-01", null],
          ["2029-02-28", -121],
        ]),
      ],
    });
    // 365 and 730 days after 1 March 2027.
    expect(answers).toEqual([{ value: expect.closeTo(200, 9), unit: "money", direction: "in" }]);
    expect(settled.flows[1]).toMatchObject({ entries: [{ at: 1 }] });
  });

  // A relation between dates that a rounding of the last digit would show.
  test("that stands alone on its date keeps every digit of the others", () => {
    const at = (flow: object) =>
      solved({
        rates: [effective(7)],
        flows: [single("a", "out", 123_456_789.01, "P3Y"), single("c", "out", 0.1, "P3Y"), flow],
      }).answers[0].value;
    expect(at(single("b", "in", null, "P3Y"))).toBe(123_456_789.01 + 0.1);
    expect(at(list("b", [0, null], { begins: "P2Y" }))).toBe(123_456_789.01 + 0.1);
  });

  test.each<[string, object, object]>([
    [
      "a known flow for ever has no worth",
      {
        flows: [
          stream("rent", "in", 1, { count: "forever", growth: { percent: 10, every: "P1Y" } }),
          single("b", "out", null, "P0D"),
        ],
      },
      {
        code: "perpetuity-without-worth",
        id: "rent",
        ratePercent: expect.closeTo(10, 9),
        growthPercent: expect.closeTo(10, 9),
      },
    ],
    [
      "the unknown payment goes on for ever without one",
      {
        flows: [
          stream("rent", "in", null, { count: "forever", growth: { percent: 12, every: "P1Y" } }),
          single("b", "out", 7, "P0D"),
        ],
      },
      { code: "perpetuity-without-worth", id: "rent", growthPercent: expect.closeTo(12, 9) },
    ],
    [
      "it would grow beyond all measure",
      {
        flows: [
          stream("rent", "in", 1, {
            count: "forever",
            every: "P1D",
            growth: { percent: 10, every: "P1D" },
          }),
          single("b", "out", null, "P0D"),
        ],
      },
      { code: "perpetuity-without-worth", growthPercent: null },
    ],
  ])("none where %s", (_, parts, reason) => {
    expect(whyNot({ rates: [effective(10)], ...parts })).toMatchObject(reason);
  });
});

describe("whatever is asked", () => {
  const put = single("a", "out", 1, "P0D");
  const asked: [string, object[], object][] = [
    ["an amount", [put, single("b", "in", null, "P1Y")], {}],
    ["a date", [put, single("b", "in", 1, null)], {}],
    ["a worth", [put], { ask: { find: "value", at: "P1Y" } }],
    ["a count", [put, stream("b", "in", 1, { count: null })], {}],
    ["a start", [put, stream("b", "in", 1, { begins: null })], {}],
    ["a growth", [put, stream("b", "in", 1, { growth: { percent: null, every: "P1Y" } })], {}],
  ];

  test.each(asked)("%s, a rate at which nothing is left is told as such", (_, flows, parts) => {
    // The place of the rate in the problem is told with it.
    for (const rates of [[effective(-100)], [effective(5), effective(-100, "P1Y")]]) {
      expect(whyNot({ rates, flows, ...parts })?.code).toBe("rate-too-low");
    }
  });

  test.each(asked)("%s, a flow for ever that has no worth is told as such", (_, flows, parts) => {
    const rent = stream("rent", "out", 1, {
      count: "forever",
      growth: { percent: 9, every: "P1Y" },
    });
    for (const rates of [[effective(8)], [effective(12), effective(9, "P1Y")]]) {
      expect(whyNot({ rates, flows: [...flows, rent], ...parts })).toMatchObject({
        code: "perpetuity-without-worth",
        id: "rent",
      });
    }
  });
});
