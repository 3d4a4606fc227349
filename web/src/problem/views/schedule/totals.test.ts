import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { USUAL_FORMAT } from "@kestrelmoor/core";
import { accountIn, loanOf, problemOf } from "../../../../test/loans";
import { shownColumns } from "./schedule-columns";
import { shownSchedule, type ShownRow } from "./shown-rows";

const loans = fc.record({
  cents: fc.integer({ min: 10_000, max: 50_000_000 }),
  hundredths: fc.integer({ min: 1, max: 1800 }),
  count: fc.integer({ min: 2, max: 120 }),
  every: fc.constantFrom("P1M", "P3M", "P1Y"),
});

/** The figures of one column in whole cents, as they stand on the screen. */
function centsOf(heads: readonly string[], cells: readonly string[], head: string): number {
  const text = cells[heads.indexOf(head)] ?? "";
  return Math.round(Number(text.replaceAll(",", "").replace("−", "-")) * 100);
}

describe("a schedule in cents, as it is shown", () => {
  test("has totals and subtotals to which its own rows add up", () => {
    fc.assert(
      fc.property(loans, ({ cents, hundredths, count, every }) => {
        const rate = { percent: hundredths / 100, quoted: "nominal", compounding: "P1M" };
        const account = accountIn(problemOf(loanOf(cents / 100, rate, { every, count })), "cent");
        const { heads, cellsOf, totals } = shownColumns(account, null, USUAL_FORMAT);
        const years = new Set(Array.from({ length: 130 }, (_, year) => year));
        const { rows } = shownSchedule(account, null, years);
        const sumOf = (kind: ShownRow["kind"], head: string) =>
          rows
            .filter((row) => row.kind === kind)
            .reduce((sum, row) => sum + centsOf(heads, cellsOf(row), head), 0);
        const hasYears = rows.some(({ kind }) => kind === "year");
        for (const head of ["Interest", "Paid", "Principal"]) {
          if (!heads.includes(head)) continue;
          const total = centsOf(heads, totals, head);
          expect(sumOf("payment", head)).toBe(total);
          if (hasYears) expect(sumOf("year", head)).toBe(total);
        }
      }),
      { numRuns: 60 },
    );
  });
});
