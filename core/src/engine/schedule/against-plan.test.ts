import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, problemOf, single, stream } from "../../../test/problems";
import { againstPlan } from "./against-plan";
import { placeAmongPayments } from "./payment-dates";
import { runSchedule, type ScheduleRun } from "./schedule";

function ran(parts: object, rounding: "none" | "cent" = "none"): ScheduleRun {
  const made = runSchedule(problemOf(parts), { flow: "pay", rounding });
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
}

const loan = (percent: number, count: number, more: readonly object[] = []) => ({
  rates: [effective(percent)],
  flows: [single("loan", "in", 1000, "P0D"), stream("pay", "out", null, { count }), ...more],
});

describe("real payments against a schedule", () => {
  test("as planned they are the plan, for any loan, in cents too", () => {
    const any = fc.record({
      percent: fc.integer({ min: -5, max: 30 }),
      count: fc.integer({ min: 1, max: 30 }),
      rounding: fc.constantFrom("none" as const, "cent" as const),
      more: fc.constantFrom(
        [],
        [single("more", "in", 300, "P18M")],
        [single("more", "in", 300, "P1Y")],
      ),
    });
    fc.assert(
      fc.property(any, ({ percent, count, rounding, more }) => {
        fc.pre(more.length === 0 || count > 2);
        const run = ran(loan(percent, count, more), rounding);
        const { rows } = run.schedule;
        const found = againstPlan(
          run,
          rows.map(({ time, paid }) => ({ time, amount: paid })),
        );
        expect(found.rows).toHaveLength(rows.length);
        for (const row of found.rows) {
          expect(row.paid).toBeCloseTo(row.planned, 6);
          expect(Math.abs(row.balance - row.plannedBalance)).toBeLessThan(1e-6);
        }
        expect(found.afterTheEnd).toBe(0);
      }),
      // Interest of half a cent, which sums in units of money come down on the other side of.
      { examples: [[{ percent: 30, count: 23, rounding: "cent", more: [] }]] },
    );
  });

  // 1,000 at 10 % in three payments of 402.11.
  const run = ran(loan(10, 3));

  test("paid half a year late, the balance earns half a year more", () => {
    const found = againstPlan(run, [{ time: 1.5, amount: 400 }]);
    expect(found.rows.map(({ paid }) => paid)).toEqual([0, 400]);
    expect(found.rows[0]?.balance).toBeCloseTo(1100, 9);
    expect(found.rows[1]?.balance).toBeCloseTo(1000 * 1.21 - 400 * Math.sqrt(1.1), 9);
    expect(found.interest).toBeCloseTo(1000 * 0.21 - 400 * (Math.sqrt(1.1) - 1), 9);
    expect([found.paid, found.planned]).toEqual([400, expect.closeTo(2 * 402.1148, 3)]);
  });

  test("several in a period, in any order, before it began, and given back", () => {
    const found = againstPlan(run, [
      { time: 0.5, amount: -50 },
      { time: -3, amount: 100 },
      { time: 0.5, amount: 200 },
    ]);
    expect(found.rows).toHaveLength(1);
    expect(found.rows[0]?.paid).toBeCloseTo(250, 9);
    expect(found.rows[0]?.balance).toBeCloseTo(900 * 1.1 - 150 * Math.sqrt(1.1), 9);
  });

  test("after the end they are not counted, and none at all make no row", () => {
    const found = againstPlan(run, [
      { time: 3, amount: 1331 },
      { time: 3.5, amount: 7 },
    ]);
    expect([found.rows.length, found.rows[2]?.balance, found.afterTheEnd]).toEqual([
      3,
      expect.closeTo(0, 9),
      7,
    ]);
    expect(againstPlan(run, []).rows).toEqual([]);
  });

  test("savings grow by what was really put in", () => {
    const savings = ran({
      rates: [effective(10)],
      flows: [
        stream("pay", "out", 100, { count: 3 }),
        single("goal", "in", null, { endOf: "pay" }),
      ],
    });
    const found = againstPlan(savings, [
      { time: 1, amount: 50 },
      { time: 2, amount: 100 },
    ]);
    expect(found.rows.map(({ balance }) => balance)).toEqual([50, expect.closeTo(155, 9)]);
  });
});

describe("where a date falls among payments", () => {
  test.each([
    ["2027-01-31", 0],
    ["2027-02-28", 1],
    ["2027-02-14", 0.5],
    ["2027-03-31", 2],
    ["2026-12-31", -1],
    ["2036-01-31", 108],
    ["2099-12-31", 875],
  ])("%s of monthly payments from 2027-01-31", (date, place) => {
    expect(placeAmongPayments(date, "2027-01-31", "P1M")).toBeCloseTo(place, 9);
  });

  test("of weeks, days and periods without dates", () => {
    expect(placeAmongPayments("2027-01-18", "2027-01-04", "P1W")).toBe(2);
    expect(placeAmongPayments("2027-01-03", "2027-01-04", "P1D")).toBe(-1);
    expect(placeAmongPayments("2027-01-18", "2027-01-04", "P0.5M")).toBeNull();
  });
});
