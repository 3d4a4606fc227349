import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import references from "../../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import { solve } from "../solve/solve";
import { byTable } from "./by-table";
import { FACTOR_KINDS, tableFactor, type FactorKind, type FactorTerms } from "./factor-kinds";
import { factorTable, MOST_COLUMNS } from "./factor-table";
import { solveByTable } from "./solve-by-table";
import { lookUp, printedFactor, rateOfFactor } from "./look-up";

const terms = (
  kind: FactorKind,
  timing: FactorTerms["timing"] = "end",
  growthPercent = 0,
): FactorTerms => ({ kind, timing, growthPercent });

/** The same by adding payment after payment. */
function naive({ kind, timing, growthPercent }: FactorTerms, percent: number, periods: number) {
  const growth = 1 + percent / 100;
  if (kind === "future-of-one") return growth ** periods;
  if (kind === "present-of-one") return growth ** -periods;
  const step = kind.endsWith("growing") ? 1 + growthPercent / 100 : 1;
  let sum = 0;
  for (let payment = 0; payment < periods; payment += 1) {
    const at = payment + (timing === "end" ? 1 : 0);
    sum += step ** payment * growth ** ((kind.startsWith("future") ? periods : 0) - at);
  }
  return sum;
}

describe("a factor", () => {
  test("is what payment after payment adds up to", () => {
    const percent = fc.constantFrom(-4, 0, 0.25, 1, 3, 5, 7.5, 18);
    fc.assert(
      fc.property(
        fc.constantFrom(...FACTOR_KINDS),
        fc.constantFrom("end" as const, "start" as const),
        fc.constantFrom(-3, 0, 3, 5, 9),
        percent,
        fc.integer({ min: 1, max: 60 }),
        (kind, timing, growthPercent, rate, periods) => {
          const own = { kind, timing, growthPercent };
          const exact = naive(own, rate, periods);
          expect(Math.abs(tableFactor(own, rate, periods) / exact - 1)).toBeLessThan(1e-12);
        },
      ),
    );
  });

  test.each<[FactorTerms, number, number, number]>([
    [terms("future-of-one"), 5, 10, 1.6289],
    [terms("present-of-one"), 8, 20, 0.2145],
    [terms("future-of-payments"), 6, 15, 23.276],
    [terms("present-of-payments"), 10, 5, 3.7908],
    [terms("present-of-payments", "start"), 10, 5, 4.1699],
    [terms("present-of-payments"), 0, 7, 7],
    [terms("present-of-growing", "end", 4), 4, 10, 9.6154],
  ])("%j at %d %% over %d periods prints as %d", (own, percent, periods, printed) => {
    expect(printedFactor(tableFactor(own, percent, periods), 4)).toBeCloseTo(printed, 3);
  });
});

test.each([
  [5, 2, 3, 1.103],
  [15, 2, 3, 1.323],
  [25, 2, 3, 1.563],
  [50, 3, 2, 3.38],
  [10, 20, 4, 6.7275],
])(
  "1 at %d %% over %d periods is printed to %d decimals as %d, halves up",
  (percent, periods, decimals, printed) => {
    expect(printedFactor(tableFactor(terms("future-of-one"), percent, periods), decimals)).toBe(
      printed,
    );
  },
);

describe("a table", () => {
  const rates = { from: 1, to: 12, step: 0.25 };
  const counts = { from: 1, to: 60, step: 1 };

  test("has a row for each number of periods and a column for each rate", () => {
    const table = factorTable(terms("present-of-payments"), rates, counts);
    if (!table.ok) throw new Error(JSON.stringify(table.issues));
    expect(table.value.percents).toHaveLength(45);
    expect(table.value.percents[3]).toBe(1.75);
    expect(table.value.rows).toHaveLength(60);
    expect(table.value.rows[9]?.[4]).toBe(tableFactor(terms("present-of-payments"), 2, 10));
  });

  test.each([
    [{ from: 5, to: 1, step: 1 }, counts, "table-range-backwards"],
    [{ from: 1, to: 5, step: 0 }, counts, "table-range-backwards"],
    [{ from: 1, to: 200, step: 1 }, counts, "table-too-wide"],
    [rates, { from: 1, to: 4000, step: 1 }, "table-too-long"],
    [{ from: -100, to: -90, step: 1 }, counts, "rate-too-low"],
    [{ from: 900_000, to: 900_001, step: 1 }, { from: 100, to: 101, step: 1 }, "answer-too-large"],
  ])("over %j and %j is told: %3$s", (across, down, code) => {
    expect(factorTable(terms("future-of-payments"), across, down)).toMatchObject({
      ok: false,
      issues: [{ code }],
    });
  });

  test("may be as wide as can be read", () => {
    const across = { from: 1, to: MOST_COLUMNS, step: 1 };
    expect(factorTable(terms("present-of-one"), across, counts).ok).toBe(true);
  });
});

describe("looking up", () => {
  const made = factorTable(
    terms("present-of-payments"),
    { from: 5, to: 10, step: 1 },
    { from: 5, to: 30, step: 5 },
  );
  if (!made.ok) throw new Error("It can be made");
  const table = made.value;

  test("finds the crossing of row and column", () => {
    const found = lookUp(table, 7, 20, 4);
    expect(found).toMatchObject({ row: 3, column: 2, isBetween: false, printed: 10.594 });
    expect(found?.exact).toBeCloseTo(10.594_014_2, 6);
  });

  test("goes along the straight line between two columns", () => {
    const found = lookUp(table, 7.25, 20, 4);
    expect(found?.isBetween).toBe(true);
    expect(found?.printed).toBeCloseTo(10.594 + 0.25 * (9.8181 - 10.594), 9);
    expect(found?.exact).toBeLessThan(found?.printed ?? 0);
  });

  test.each([
    [4.9, 20],
    [10.1, 20],
    [7, 21],
  ])("%d %% over %d periods is not in it", (percent, periods) => {
    expect(lookUp(table, percent, periods, 4)).toBeNull();
  });

  test("a rate is read backwards from a factor", () => {
    const found = rateOfFactor(table, 3, 10.2, 4);
    expect(found?.column).toBe(2);
    expect(found?.percent).toBeCloseTo(7 + (10.594 - 10.2) / (10.594 - 9.8181), 9);
    const exact = tableFactor(terms("present-of-payments"), found?.exactPercent ?? NaN, 20);
    expect(exact).toBeCloseTo(10.2, 10);
    expect(rateOfFactor(table, 3, 99, 4)).toBeNull();
  });
});

describe("a problem by the table", () => {
  test("is its amount times the factor, for every case of the reference that tables can solve", () => {
    let seen = 0;
    for (const { problem: file } of references) {
      const problem = readProblem(file);
      if (!problem.ok) throw new Error("The reference can be read");
      const solution = solve(problem.value);
      if (!solution.ok) throw new Error("The reference can be solved");
      const read = byTable(solution.value);
      if (read === null) continue;
      seen += 1;
      const factor = tableFactor(read.terms, read.percent, read.periods);
      expect(Math.abs((read.each * factor) / read.whole - 1)).toBeLessThan(1e-9);
    }
    expect(seen).toBeGreaterThan(60);
  });
});

describe("solving by the table", () => {
  const made = (file: object) => {
    const problem = readProblem({ format: "kestrelmoor-problem", version: 1, ...file });
    if (!problem.ok) throw new Error(JSON.stringify(problem.issues));
    const solution = solve(problem.value);
    if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
    const read = byTable(solution.value);
    return read === null ? null : solveByTable(read, 4);
  };
  const yearly = (percent: number | null) => [{ percent, quoted: "effective" }];
  const loan = (amount: number | null) => ({
    ...{ id: "loan", kind: "single", direction: "in", amount, at: "P0D" },
  });
  const payments = (amount: number | null, count: number | null) => ({
    ...{ id: "pay", kind: "stream", direction: "out", amount, every: "P1Y", count },
    ...{ timing: "end", begins: "P0D" },
  });

  test("a payment is the loan over the printed factor", () => {
    const found = made({ rates: yearly(7), flows: [loan(10_000), payments(null, 12)] });
    expect(found?.factor).toBe(7.9427);
    expect(found?.answer).toBeCloseTo(10_000 / 7.9427, 9);
    expect(Math.abs((found?.answer ?? 0) - (found?.exact ?? 0))).toBeLessThan(0.01);
  });

  test("a rate between two columns goes along the straight line", () => {
    const found = made({ rates: yearly(7.13), flows: [loan(10_000), payments(null, 12)] });
    expect(found?.lookedUp?.isBetween).toBe(false);
    const between = made({ rates: yearly(7.1317), flows: [loan(10_000), payments(null, 12)] });
    expect(between?.lookedUp?.isBetween).toBe(true);
  });

  test("a rate is read backwards", () => {
    const found = made({ rates: yearly(null), flows: [loan(10_000), payments(1260, 12)] });
    expect(found?.factor).toBeCloseTo(10_000 / 1260, 9);
    expect(Math.abs((found?.answer ?? 0) - (found?.exact ?? 0))).toBeLessThan(0.02);
  });

  test("a number of periods lies between two rows", () => {
    const found = made({ rates: yearly(7), flows: [loan(10_000), payments(1300, null)] });
    expect(found?.factor).toBeCloseTo(10_000 / 1300, 9);
    expect(Math.abs((found?.answer ?? 0) - (found?.exact ?? 0))).toBeLessThan(0.1);
  });

  test.each<[string, object]>([
    [
      "three flows",
      { rates: yearly(7), flows: [loan(null), payments(5, 12), { ...loan(3), id: "b" }] },
    ],
    ["a worth", { rates: yearly(7), flows: [payments(5, 12)], ask: { find: "value", at: "P0D" } }],
    ["no interest", { rates: yearly(0), flows: [loan(null), payments(5, 12)] }],
  ])("%s is no matter for a table", (_, file) => {
    expect(made(file)).toBeNull();
  });
});
