import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, problemOf, single, solved, stream } from "../../../test/problems";
import { schedule } from "../schedule/schedule";

const monthly = (percent: unknown) => ({ percent, quoted: "nominal", compounding: "P1M" });
const loan = (amount: number, count: number, parts: object = {}) => ({
  paymentRounding: "up",
  rates: [monthly(7.2)],
  flows: [
    single("loan", "in", amount, "P0D"),
    stream("pay", "out", null, { every: "P1M", count, ...parts }),
  ],
});

describe("a payment in whole cents", () => {
  test("is what the account of a loan says, kept payment by payment", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 900_000 }),
        fc.integer({ min: 2, max: 120 }),
        fc.integer({ min: 0, max: 240 }),
        fc.constantFrom("nearest" as const, "up" as const),
        fc.constantFrom("start" as const, "end" as const),
        (amount, count, tenths, paymentRounding, timing) => {
          const parts = { ...loan(amount, count, { timing }), rates: [monthly(tenths / 10)] };
          const exactly = { ...parts, paymentRounding: undefined };
          const exact = solved(exactly).answers[0].value;
          const { answers, facts, also } = solved({
            ...parts,
            paymentRounding,
            also: [{ find: "balance", at: "P1M" }],
          });
          const cents = Number((exact * 100).toPrecision(13));
          const paid = (paymentRounding === "up" ? Math.ceil(cents) : Math.round(cents)) / 100;
          expect(answers[0].value).toBe(paid);
          const i = tenths / 12_000;
          let owed = amount;
          let afterOne = NaN;
          for (let payment = 1; payment < count; payment += 1) {
            owed = timing === "start" ? (owed - paid) * (1 + i) : owed * (1 + i) - paid;
            // Payments at the start of a month: the one due then has been made.
            if (payment === 1) afterOne = timing === "start" && count > 2 ? owed - paid : owed;
          }
          const last = timing === "start" ? owed : owed * (1 + i);
          expect(facts.roundedPayment?.exact).toBeCloseTo(exact, 9);
          expect(facts.roundedPayment?.full).toBe(count - 1);
          expect(facts.roundedPayment?.last.amount).toBeCloseTo(last, 5);
          expect(facts.totalOut).toBeCloseTo(paid * (count - 1) + last, 5);
          expect(facts.interest).toBeCloseTo(paid * (count - 1) + last - amount, 5);
          if (count > 2) expect(also[0]).toBeCloseTo(afterOne, 5);
        },
      ),
      { numRuns: 300 },
    );
  });

  test("of savings leaves the goal as it was", () => {
    const { answers, facts } = solved({
      paymentRounding: "nearest",
      rates: [effective(6)],
      flows: [
        stream("save", "out", null, { count: 3 }),
        single("goal", "in", 1000, { endOf: "save" }),
      ],
    });
    // 1,000 / 3.1836 = 314.1098…
    expect(answers[0].value).toBe(314.11);
    expect(facts.roundedPayment?.last.amount).toBeCloseTo(1000 - 314.11 * (1.06 ** 2 + 1.06), 9);
  });

  test("what is said by it follows: a final amount of twice the payment", () => {
    const { answers, paid } = solved({
      paymentRounding: "up",
      rates: [effective(6)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", null, { count: 3 }),
        single("rest", "out", { times: 2, of: "pay" }, "P4Y"),
      ],
    });
    const rest = paid.flows.find(({ id }) => id === "rest");
    expect(rest).toMatchObject({ amount: -2 * answers[0].value });
  });

  test("without compounding, all is settled at the focal date", () => {
    const { answers, facts } = solved({
      paymentRounding: "up",
      rates: [{ percent: 9, quoted: "simple" }],
      focal: "P1Y",
      flows: [
        single("loan", "in", 2000, "P0D"),
        stream("pay", "out", null, { every: "P3M", count: 3 }),
      ],
    });
    const [one, two, three] = [0.75, 0.5, 0.25].map((years) => 1 + 0.09 * years);
    const exact = (2000 * 1.09) / ((one ?? 0) + (two ?? 0) + (three ?? 0));
    const paid = Math.ceil(exact * 100) / 100;
    expect(answers[0].value).toBe(paid);
    const left = 2000 * 1.09 - paid * ((one ?? 0) + (two ?? 0));
    expect(facts.roundedPayment?.last.amount).toBeCloseTo(left / (three ?? 0), 9);
  });

  test("ends earlier where what it is rounded up by comes to more than a payment", () => {
    // 100 over 100,000 days without interest: a tenth of a cent a day, paid in whole cents.
    const { answers, facts } = solved({
      paymentRounding: "up",
      rates: [effective(0)],
      flows: [
        single("loan", "in", 100.004, "P0D"),
        stream("pay", "out", null, { every: "P1D", count: 100_000 }),
      ],
    });
    expect(answers[0].value).toBe(0.01);
    expect(facts.roundedPayment?.full).toBe(10_000);
    expect(facts.roundedPayment?.last.amount).toBeCloseTo(0.004, 9);
    expect(facts.totalOut).toBeCloseTo(100.004, 9);
  });

  test.each([
    ["a single payment", loan(1000, 1)],
    ["payments for ever", { ...loan(1000, 1, { count: "forever" }) }],
    ["a number of payments that is not whole", loan(1000, 2.5)],
    ["payments that grow", loan(1000, 12, { growth: { percent: 2, every: "P1M" } })],
    [
      "a payment that would be rounded to nothing",
      { ...loan(0.01, 24), paymentRounding: "nearest" },
    ],
    [
      "a single amount",
      {
        ...loan(1000, 12),
        flows: [single("a", "in", 1000, "P0D"), single("b", "out", null, "P1Y")],
      },
    ],
  ])("is found with every digit: %s", (_, parts) => {
    const exactly = { ...parts, paymentRounding: undefined };
    const found = solved(parts);
    expect(found.answers).toEqual(solved(exactly).answers);
    expect(found.facts.roundedPayment).toBeUndefined();
    expect(found.paid).toEqual(solved(exactly).paid);
  });
});

describe("its schedule", () => {
  const problem = problemOf(loan(24_350, 60));

  test.each(["none", "cent"] as const)("ends with the final payment (rounding: %s)", (rounding) => {
    const { answers, facts } = solved(loan(24_350, 60));
    const made = schedule(problem, { flow: "pay", rounding });
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    expect(made.value.payment).toBe(answers[0].value);
    expect(made.value.rows).toHaveLength(60);
    const cents = rounding === "cent" ? 0.2 : 1e-6;
    const last = facts.roundedPayment?.last.amount ?? NaN;
    expect(Math.abs(made.value.finalPayment - last)).toBeLessThan(cents);
    expect(made.value.rows.at(-1)?.balance).toBe(0);
  });

  test("a payment that is set anew is rounded as the first one is", () => {
    const made = schedule(problem, {
      flow: "pay",
      rounding: "none",
      changes: [
        {
          ...{ kind: "rate", fromPayment: 13, percent: 8.4, then: "reset" },
          quotation: { quoted: "nominal", compounding: "P1M" },
        },
      ],
    });
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    const { levels, rows } = made.value;
    const owed = rows[11]?.balance ?? NaN;
    const exact = (owed * 0.007) / (1 - 1.007 ** -48);
    expect(levels[1]?.exact).toBeCloseTo(exact, 8);
    expect(levels[1]?.amount).toBe(Math.ceil(exact * 100) / 100);
    expect(rows[20]?.paid).toBe(levels[1]?.amount);
  });
});
