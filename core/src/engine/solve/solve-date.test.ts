import { describe, expect, test } from "@jest/globals";
import { effective, list, single, solved, stream, whyNot } from "../../../test/problems";

const goal = (amount: number, rates: object[], put = 100) => ({
  rates,
  flows: [single("put-in", "out", put, "P0D"), single("goal", "in", amount, null)],
});

describe("the date of an amount", () => {
  test.each<[string, object, number[]]>([
    ["by one rate", goal(121, [effective(10)]), [2]],
    ["today", goal(100, [effective(10)]), [0]],
    [
      "at the very change of a rate, told once",
      goal(121, [effective(10), effective(21, "P2Y")]),
      [2],
    ],
    ["after a spell at zero", goal(110, [effective(0), effective(10, "P5Y")]), [6]],
    [
      "on the last day that is told",
      goal(Math.exp(1), [{ percent: 0.1, quoted: "continuous" }], 1),
      [1000],
    ],
    ["by a rate below zero", goal(81, [effective(-10)]), [2]],
    [
      "a thousandth above what was put in",
      goal(100.1, [effective(10)]),
      [Math.log(1.001) / Math.log(1.1)],
    ],
    ["before today", goal(100, [effective(10)], 121), [-2]],
    [
      "before today under the first of two rates",
      goal(100, [effective(10), effective(5, "P1Y")], 121),
      [-2],
    ],
    [
      "ahead alone where it was also before today",
      goal(95, [effective(10), effective(-10, "P1Y")]),
      [1 + Math.log(110 / 95) / -Math.log(0.9)],
    ],
    ["half as much again", goal(150, [effective(10)]), [Math.log(1.5) / Math.log(1.1)]],
    ["twenty times as much", goal(2000, [effective(10)]), [Math.log(20) / Math.log(1.1)]],
    ["a tenth of it", goal(10, [effective(-10)]), [Math.log(10) / -Math.log(0.9)]],
  ])("%s", (_, parts, dates) => {
    const { answers, completeness } = solved(parts);
    expect(answers.map(({ value }) => value)).toEqual(dates.map((date) => expect.closeTo(date, 9)));
    expect(completeness).toBe("closed-form");
  });

  test("a ratio near 1 keeps its digits", () => {
    const { answers } = solved(goal(1e9 + 0.0625, [effective(10)], 1e9));
    expect(answers[0].value / (6.25e-11 / Math.log(1.1))).toBeCloseTo(1, 9);
  });

  test("counts the worth of everything else", () => {
    const { answers } = solved({
      rates: [effective(10)],
      flows: [
        list("project", [-100, -110]),
        stream("rent", "in", 11, { count: "forever", begins: "P1Y" }),
        single("goal", "in", 110, null),
      ],
    });
    // −100 − 100 + 100 is owed today; 110 pays it in a year.
    expect(answers[0].value).toBeCloseTo(1, 9);
  });

  test.each<[string, object, object]>([
    ["nothing stands against it", goal(5, [effective(5)], 0), { code: "nothing-to-balance" }],
    ["it is nothing itself", goal(0, [effective(5)]), { code: "nothing-to-balance" }],
    [
      "all comes in",
      { rates: [effective(5)], flows: [single("a", "in", 1, "P0D"), single("b", "in", 1, null)] },
      { code: "one-way-money", direction: "in" },
    ],
    [
      "all goes out",
      { rates: [effective(5)], flows: [single("a", "out", 1, "P0D"), single("b", "out", 1, null)] },
      { code: "one-way-money", direction: "out" },
    ],
    [
      "it was reached before anybody lived",
      goal(1e-2, [effective(1e-2)], 1e12),
      { code: "answer-too-far", isPast: true },
    ],
    ["no interest", goal(120, [effective(0)]), { code: "date-never-reached" }],
    ["any date will do", goal(100, [effective(0)]), { code: "any-date-balances" }],
    [
      "any date of a later spell will do",
      goal(110, [effective(10), effective(0, "P1Y")]),
      { code: "any-date-balances" },
    ],
    [
      "it lies beyond what is told",
      goal(3, [{ percent: 0.1, quoted: "continuous" }], 1),
      {
        code: "answer-too-far",
        limitYears: 1000,
      },
    ],
    ["there is no rate to wait at", goal(120, [effective(-100)]), { code: "rate-too-low" }],
    [
      "something else has no worth",
      {
        rates: [effective(0)],
        flows: [stream("rent", "in", 11, { count: "forever" }), single("goal", "out", 110, null)],
      },
      { code: "perpetuity-without-worth", id: "rent" },
    ],
  ])("none where %s", (_, parts, reason) => {
    expect(whyNot(parts)).toMatchObject(reason);
  });
});
