import { describe, expect, test } from "@jest/globals";
import type { PaymentRun } from "../../flows/payment-run";
import { runOfOne } from "../../flows/run-of-one";
import { paymentInRun } from "../../flows/payment-run";
import { directionsOf, partsOfOneSign } from "./directions";

const run = (amount: number, first: number, count: number, parts: Partial<PaymentRun> = {}) => ({
  ...runOfOne(amount, first),
  count,
  ...parts,
});

describe("how money changes direction", () => {
  test.each<[string, PaymentRun[], { changes: 0 | 1 | "many"; early: number }]>([
    ["only in", [run(5, 0, 3)], { changes: 0, early: 1 }],
    ["only out", [run(-5, 0, 3)], { changes: 0, early: -1 }],
    ["nothing at all", [run(0, 0, 3)], { changes: 0, early: -1 }],
    ["in, then out", [run(5, 0, 3), run(-5, 3, 2)], { changes: 1, early: 1 }],
    ["out, then in for ever", [run(-5, 0, 3), run(5, 3, Infinity)], { changes: 1, early: -1 }],
    ["said in the other order", [run(5, 3, 2), run(-5, 0, 3)], { changes: 1, early: -1 }],
    ["one within the other", [run(5, 0, 9), run(-5, 3, 2)], { changes: "many", early: 0 }],
    ["both for ever", [run(5, 0, Infinity), run(-5, 3, Infinity)], { changes: "many", early: 0 }],
    ["both on one day, more in", [run(5, 2, 1), run(-4, 2, 1)], { changes: 0, early: 1 }],
    ["both on one day, more out", [run(4, 2, 1), run(-5, 2, 1)], { changes: 0, early: -1 }],
    ["both on one day, alike", [run(5, 2, 1), run(-5, 2, 1)], { changes: 0, early: 0 }],
    [
      "in until a day on which less goes out",
      [run(5, 0, 3), run(-4, 2, 2)],
      { changes: 1, early: 1 },
    ],
    [
      "in until a day on which more goes out",
      [run(5, 0, 3), run(-9, 2, 2)],
      { changes: 1, early: 1 },
    ],
    [
      "in until a day on which as much goes out",
      [run(5, 0, 3), run(-5, 2, 2)],
      { changes: 1, early: 1 },
    ],
    ["a last day that turns all of it", [run(5, 0, 2), run(-9, 1, 1)], { changes: 1, early: 1 }],
    [
      "a first day that is of the other side already",
      [run(5, 1, 1), run(-9, 1, 3)],
      { changes: 0, early: -1 },
    ],
    [
      "a first day on which more comes in than goes out",
      [run(5, 1, 1), run(-4, 1, 3)],
      { changes: 1, early: 1 },
    ],
    [
      "a part of a payment on the day of the change",
      [run(5, 0, 2.5), run(-5, 2, 2)],
      { changes: "many", early: 0 },
    ],
    [
      "a part of a payment before the day of the change",
      [run(5, 0, 1.5), run(-5, 2, 2)],
      { changes: 1, early: 1 },
    ],
    [
      "a last day on which less comes in than goes out, after days on which only money came in",
      [run(5, 1, 1), run(3, 2, 1), run(-4, 2, 1)],
      { changes: 1, early: 1 },
    ],
    [
      "a first day on which more comes in than goes out, before a day on which only money goes out",
      [run(3, 2, 1), run(-1, 2, 1), run(-9, 5, 1)],
      { changes: 1, early: 1 },
    ],
    [
      "one day shared by the last of several in and the only one out",
      [run(5, 0, 1), run(3, 2, 1), run(-5, 2, 1)],
      { changes: 1, early: 1 },
    ],
    [
      "one day shared by the only one in and the first of several out",
      [run(3, 2, 1), run(-1, 2, 1), run(-1, 5, 1)],
      { changes: 1, early: 1 },
    ],
    [
      "days that differ by a rounding only",
      [run(3, 2, 1), run(-4, 2 + 5e-10, 1)],
      { changes: 0, early: -1 },
    ],
    [
      "days that differ by a rounding the other way",
      [run(3, 2, 1), run(-4, 2 - 5e-10, 1)],
      { changes: 0, early: -1 },
    ],
    [
      "days that differ by a little more",
      [run(3, 2, 1), run(-4, 2 + 5e-9, 1)],
      { changes: 1, early: 1 },
    ],
    [
      "payments that fall through zero by themselves",
      [run(5, 0, 4, { step: -2 })],
      { changes: 1, early: 1 },
    ],
    [
      "payments that rise through zero by themselves",
      [run(-5, 0, 4, { step: 2 })],
      { changes: 1, early: -1 },
    ],
    [
      "payments that fall through zero before others come in",
      [run(5, 0, 4, { step: -2 }), run(1, 8, 1)],
      { changes: "many", early: 0 },
    ],
  ])("%s", (_, runs, directions) => {
    expect(directionsOf(runs)).toEqual(directions);
  });
});

describe("payments parted by their sign", () => {
  const payments = (parts: readonly PaymentRun[]) =>
    parts.map((part) =>
      Array.from({ length: part.count }, (_, index) => paymentInRun(part, index)),
    );

  test.each<[string, PaymentRun, number[][]]>([
    ["level", run(5, 0, 3), [[5, 5, 5]]],
    ["of nothing", run(0, 0, 3), []],
    [
      "through zero",
      run(3, 0, 6, { step: -1 }),
      [
        [3, 2, 1],
        [-1, -2],
      ],
    ],
    [
      "past zero",
      run(3, 0, 4, { step: -2 }),
      [
        [3, 1],
        [-1, -3],
      ],
    ],
    ["that would be zero next", run(3, 0, 3, { step: -1 }), [[3, 2, 1]]],
    ["from zero on", run(0, 0, 3, { step: -1 }), [[-1, -2]]],
    ["that never come to zero", run(3, 0, 3, { step: 1 }), [[3, 4, 5]]],
    ["that begin one step on", run(3, 0, 3, { step: -1, stepsBefore: 1 }), [[2, 1]]],
    ["that begin beyond it", run(3, 0, 2, { step: -1, stepsBefore: 4 }), [[-1, -2]]],
    [
      "two at each step",
      run(2, 0, 8, { step: -1, paymentsPerStep: 2 }),
      [
        [2, 2, 1, 1],
        [-1, -1],
      ],
    ],
  ])("%s", (_, flow, wanted) => {
    expect(payments(partsOfOneSign(flow))).toEqual(wanted);
  });
});
