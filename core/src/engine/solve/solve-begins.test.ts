import { describe, expect, test } from "@jest/globals";
import { effective, list, single, solved, stream, whyNot } from "../../../test/problems";

describe("the start of payments", () => {
  test.each<[string, object, number]>([
    [
      "of a stream at one rate",
      // 100 and 110 a year later are 200/1.1 on the day when they begin.
      {
        rates: [effective(10)],
        flows: [single("loan", "in", 100, "P0D"), list("back", [-60.5, -66.55], { begins: null })],
      },
      2,
    ],
    [
      "of a list",
      {
        rates: [effective(10)],
        flows: [single("loan", "in", 200, "P0D"), list("back", [0, -110, -121], { begins: null })],
      },
      0,
    ],
    [
      "of a stream, with what waits for its end",
      // −100 at the start and −121 two years later.
      {
        rates: [effective(10)],
        flows: [
          single("loan", "in", 200, "P0D"),
          stream("payment", "out", 110, { begins: null, count: 2, timing: "start", every: "P1Y" }),
          single("last", "out", 12.1, { endOf: "payment" }),
          single("gift", "in", 10, "P1Y"),
        ],
      },
      Math.log((110 + 100 + 10) / (200 + 10 / 1.1)) / Math.log(1.1),
    ],
    [
      "of payments for ever",
      {
        rates: [effective(10)],
        flows: [
          single("price", "out", 100, "P0D"),
          stream("rent", "in", 12.1, { begins: null, count: "forever" }),
        ],
      },
      2,
    ],
    [
      "of a stream at several rates, between two months",
      // One payment of 110: worth 100 just a year after it, at 10 % and 21 % from the end of the first year.
      {
        rates: [effective(10), effective(21, "P1Y")],
        flows: [
          single("loan", "in", 100, "P0D"),
          stream("back", "out", 110 * 1.21 ** 0.55, { begins: null, count: 1, timing: "start" }),
        ],
      },
      1.55,
    ],
    [
      "of a stream for whose end a rate waits",
      // The loan is paid back by then, so that the rate does not matter.
      {
        rates: [effective(10), effective(50, { endOf: "back" })],
        flows: [
          single("loan", "in", 100, "P0D"),
          stream("back", "out", 121, { begins: null, count: 1, timing: "start" }),
        ],
      },
      2,
    ],
    [
      "of a list at several rates",
      {
        rates: [effective(10), effective(21, "P1Y")],
        flows: [single("loan", "in", 100, "P0D"), list("back", [0, -133.1], { begins: null })],
      },
      1,
    ],
  ])("%s", (_, parts, years) => {
    const { answers } = solved(parts);
    expect(answers).toEqual([{ value: expect.closeTo(years, 9), unit: "years" }]);
  });

  test("where rates above and below zero let several starts do, all are told, in order", () => {
    const { answers, completeness } = solved({
      rates: [effective(10), effective(-10, "P3Y")],
      flows: [
        single("loan", "in", 100, "P0D"),
        stream("back", "out", 121, { begins: null, count: 1, timing: "start" }),
      ],
    });
    expect(completeness).toBe("every-month");
    expect(answers.map(({ value }) => value)).toEqual([
      expect.closeTo(2, 9),
      expect.closeTo(3 + Math.log(1.1) / -Math.log(0.9), 9),
    ]);
  });

  test.each<[string, object, object]>([
    [
      "one rate, and all goes one way",
      {
        rates: [effective(5)],
        flows: [single("a", "out", 1, "P0D"), stream("b", "out", 1, { begins: null })],
      },
      { code: "one-way-money", direction: "out", turn: "b" },
    ],
    [
      "one rate of nothing left",
      {
        rates: [effective(-100)],
        flows: [single("a", "out", 1, "P0D"), stream("b", "in", 1, { begins: null })],
      },
      { code: "rate-too-low" },
    ],
    [
      "payments for ever at no interest",
      {
        rates: [effective(0)],
        flows: [
          single("a", "out", 1, "P0D"),
          stream("b", "in", 1, { begins: null, count: "forever" }),
        ],
      },
      { code: "perpetuity-without-worth", id: "b" },
    ],
    [
      "several rates for payments for ever that outgrow the last",
      {
        rates: [effective(5), effective(-1, "P3Y")],
        flows: [
          single("a", "out", 1, "P0D"),
          stream("b", "in", 1, { begins: null, count: "forever" }),
        ],
      },
      { code: "perpetuity-without-worth", id: "b" },
    ],
    [
      "several rates, within the years that are looked at",
      {
        rates: [effective(5), effective(6, "P3Y")],
        flows: [single("a", "out", 1e12, "P0D"), stream("b", "in", 1, { begins: null, count: 1 })],
      },
      { code: "start-not-found", limitYears: 1000 },
    ],
  ])("none at %s", (_, parts, reason) => {
    expect(whyNot(parts)).toMatchObject(reason);
  });
});
