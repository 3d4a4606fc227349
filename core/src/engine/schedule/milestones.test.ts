import { describe, expect, test } from "@jest/globals";
import { effective, problemOf, single, stream } from "../../../test/problems";
import { firstReaching, halfRepaid, owedAt } from "./milestones";
import { runSchedule, schedule, type ScheduleRun } from "./schedule";
import type { Schedule } from "./schedule-types";
import { scheduleYears, yearOfLife } from "./schedule-years";

function scheduled(parts: object, rounding: "cent" | "none" = "none"): Schedule {
  const made = schedule(problemOf(parts), { flow: "pay", rounding });
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
}

// 1,000 at 10%: 402.1148…; balances 697.885…, 365.558…, 0.
const loan = {
  rates: [effective(10)],
  flows: [single("loan", "in", 1000, "P0D"), stream("pay", "out", null, { count: 3 })],
};

function ran(parts: object): ScheduleRun {
  const made = runSchedule(problemOf(parts), { flow: "pay", rounding: "none" });
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
}

describe("milestones of a loan", () => {
  const made = scheduled(loan);

  test.each([
    [1000, 1],
    [500, 2],
    [365.5, 3],
  ])("the balance is first below %d with payment %d", (amount, payment) => {
    expect(firstReaching(made, amount)?.payment).toBe(payment);
  });

  test("it is never below less than nothing", () => {
    expect(firstReaching(made, -1)).toBeNull();
  });

  test("half is repaid with the payment that passes it: 302.11 + 332.33 of 1,000", () => {
    expect(halfRepaid(made)?.payment).toBe(2);
  });

  test("between two payments the interest since the last is owed too", () => {
    const after = 1000 * 1.1 - 1000 / (1 / 1.1 + 1 / 1.21 + 1 / 1.331);
    const run = ran(loan);
    expect(owedAt(run, 1.5)?.amount).toBeCloseTo(after * Math.sqrt(1.1), 9);
    expect(owedAt(run, 0.5)?.amount).toBeCloseTo(1000 * Math.sqrt(1.1), 9);
    expect(owedAt(run, 1)).toEqual({ amount: expect.closeTo(after, 9), interest: 0 });
    expect(owedAt(run, 3)?.amount).toBeCloseTo(0, 9);
    expect(owedAt(run, 3.1)).toBeNull();
    expect(owedAt(run, -1)).toBeNull();
  });

  test("what comes before the payments begin is told apart from them", () => {
    const run = ran({
      rates: [effective(10)],
      flows: [
        single("first", "in", 1000, "P0D"),
        single("second", "in", 1100, "P1Y"),
        stream("pay", "out", null, { count: 2, begins: "P2Y" }),
      ],
    });
    // 1,000 · 1.21 + 1,100 · 1.1 = 2,420 owed when the first period begins.
    expect(run.schedule.before).toEqual({
      time: 2,
      interest: expect.closeTo(320, 9),
      other: 2100,
      balance: expect.closeTo(2420, 9),
    });
    expect(run.schedule.rows[0]).toMatchObject({ opening: expect.closeTo(2420, 9), other: 0 });
    expect(run.schedule.totalInterest).toBeCloseTo(run.schedule.totalPaid - 2100, 9);
    expect(owedAt(run, 1.5)?.amount).toBeCloseTo(1000 * 1.1 ** 1.5 + 1100 * 1.1 ** 0.5, 9);
    expect(ran(loan).schedule.before).toBeNull();
    expect(ran(loan).schedule.rows[0]).toMatchObject({ opening: 1000, other: 0 });
  });

  test("savings reach a balance from below, and are never half repaid", () => {
    const savings = scheduled({
      rates: [effective(0)],
      flows: [stream("pay", "out", 100, { count: 5 }), single("goal", "in", null, "P5Y")],
    });
    expect(firstReaching(savings, 300)?.payment).toBe(3);
    expect(halfRepaid(savings)).toBeNull();
  });
});

describe("years with their subtotals", () => {
  const monthly = scheduled(
    {
      rates: [{ percent: 6, quoted: "nominal", compounding: "P1M" }],
      flows: [
        single("loan", "in", 9000, "P0D"),
        stream("pay", "out", null, { every: "P1M", count: 30 }),
      ],
    },
    "cent",
  );

  test("belong to the payments of twelve months and add up to the whole", () => {
    const years = scheduleYears(monthly, ({ payment }) => yearOfLife(payment, 12));
    expect(years.map(({ year, from, to }) => [year, from, to])).toEqual([
      [1, 1, 12],
      [2, 13, 24],
      [3, 25, 30],
    ]);
    const sum = (of: "interest" | "paid") =>
      years.reduce((total, { totals }) => total + totals[of], 0);
    expect(sum("interest")).toBeCloseTo(monthly.totalInterest, 9);
    expect(sum("paid")).toBeCloseTo(monthly.totalPaid, 9);
    expect(years.at(-1)?.balance).toBe(0);
  });

  test.each([
    [1, 12, 1],
    [12, 12, 1],
    [13, 12, 2],
    [52, 52, 1],
    [53, 52, 2],
    [11, 10.4, 1],
    [12, 10.4, 2],
    [2, 0.5, 3],
  ])("payment %d of %d a year is in year %d", (payment, frequency, year) => {
    expect(yearOfLife(payment, frequency)).toBe(year);
  });
});
