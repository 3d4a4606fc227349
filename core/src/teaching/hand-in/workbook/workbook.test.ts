import { describe, expect, test } from "@jest/globals";
import cases from "../../../../reference/problems.json";
import { effective, list, single, stream } from "../../../../test/problems";
import { placeOf, recalculate } from "../../../../test/recalculate";
import { readProblem } from "../../../engine/problem/problem-file";
import type { Problem } from "../../../engine/problem/schema";
import { solve } from "../../../engine/solve/solve";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { linePlain } from "../../workings/write-line";
import { workings } from "../../workings/workings";
import type { Cell, Workbook } from "./cells";
import { workbook } from "./workbook";

function solved(file: unknown): { readonly problem: Problem; readonly solution: SolvedProblem } {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return { problem: read.value, solution: solution.value };
}

const HEAD = { title: "Sheet", lines: [] };

function cellAt(book: Workbook, sheet: string, cell: string): Cell | null {
  const { column, row } = placeOf(cell);
  return book.sheets.find(({ name }) => name === sheet)?.rows[row - 1]?.[column - 1] ?? null;
}

/** What the cells come to when they are worked out anew, with other figures in some of them. */
function answerOf(
  book: Workbook,
  changed: (given: Extract<Cell, { kind: "input" }>) => number = ({ value }) => value,
  { sheet, cell } = book.answer,
): number {
  return recalculate(
    {
      at: (inSheet, one) => {
        const held = cellAt(book, inSheet, one);
        if (held?.kind === "input") return inSheet === sheet ? changed(held) : held.value;
        return held?.kind === "formula" ? { formula: held.formula } : null;
      },
    },
    sheet,
    cell,
  );
}

const TWO_RATES = [effective(5), effective(3, "P4Y")];
const debt = single("debt", "in", 9000, "P0D");

/** Unknowns that no formula has by itself, and that are no rates. */
const SEARCHED: readonly (readonly [string, object])[] = [
  [
    "a count under two rates",
    { rates: TWO_RATES, flows: [debt, stream("p", "out", 900, { count: null })] },
  ],
  [
    "a count of monthly payments that rise yearly",
    {
      rates: [effective(5)],
      flows: [
        debt,
        stream("p", "out", 90, { count: null, every: "P1M", growth: { percent: 3, every: "P1Y" } }),
      ],
    },
  ],
  [
    "a count of payments with a fixed step",
    {
      rates: [effective(5)],
      flows: [debt, stream("p", "out", 600, { count: null, growth: { amount: 50, every: "P1Y" } })],
    },
  ],
  [
    "a count with a goal at its end",
    {
      rates: TWO_RATES,
      flows: [stream("p", "out", 600, { count: null }), single("g", "in", 9000, { endOf: "p" })],
    },
  ],
  [
    "the beginning of payments under two rates",
    {
      rates: TWO_RATES,
      flows: [single("d", "out", 5000, "P0D"), stream("p", "in", 1000, { begins: null, count: 8 })],
    },
  ],
  [
    "the beginning of a list under two rates",
    {
      rates: TWO_RATES,
      flows: [single("d", "out", 2000, "P0D"), list("p", [1000, 1500], { begins: null })],
    },
  ],
  [
    "a rate of sixty uneven amounts",
    {
      rates: [effective(null)],
      flows: [list("p", [-4000, ...Array.from({ length: 60 }, (_, k) => 90 + 3 * (k % 7))])],
    },
  ],
];

describe.each(SEARCHED)("%s", (_, parts) => {
  const { solution } = solved({ format: "kestrelmoor-problem", version: 1, ...parts });
  const [{ value }] = solution.answers;
  const book = workbook(solution, HEAD);

  test("is searched for on a sheet of its own, and found", () => {
    expect(book.sheets.map(({ name }) => name)).toEqual(["Workings", "Trials"]);
    expect(Math.abs(answerOf(book) / value - 1)).toBeLessThan(1e-9);
  });

  test("stays where it is with all money doubled", () => {
    const doubled = answerOf(book, (given) => (given.shows === "money" ? 2 : 1) * given.value);
    expect(Math.abs(doubled / value - 1)).toBeLessThan(1e-9);
  });

  test("stands in the equation by its letter, and not by what it is found to be", () => {
    const { steps } = workings(solution);
    const told = steps
      .slice(
        0,
        steps.findIndex(({ kind }) => kind === "search"),
      )
      .flatMap(({ lines }) => lines.map((line) => linePlain(line)));
    const digits = String(value).slice(0, 7);
    expect(told.filter((line) => line.replaceAll(",", "").includes(digits))).toEqual([]);
  });
});

test("what a course rounds on the way is rounded in its cell", () => {
  const parts = { rates: [effective(5)], flows: [debt, stream("p", "out", null, { count: 7 })] };
  const { solution } = solved({ format: "kestrelmoor-problem", version: 1, ...parts });
  const book = workbook(solution, HEAD, { rounding: { factor: 4, rate: null } });
  // 9,000 ÷ 5.7864, the factor for 7 payments at 5 % rounded to 4 decimals.
  expect(answerOf(book)).toBeCloseTo(9000 / 5.7864, 9);
});

describe("further questions go on with the cells of the problem's own", () => {
  const parts = {
    rates: [{ percent: 6.9, quoted: "nominal", compounding: "P1M" }],
    flows: [debt, stream("p", "out", null, { every: "P1M", count: 60 })],
    also: [
      { find: "balance", at: "P2Y" },
      { find: "interest", from: "P1Y", to: "P2Y" },
      { find: "total", of: "p" },
    ],
  };
  const file = { format: "kestrelmoor-problem", version: 1, ...parts };
  const { solution } = solved(file);
  const book = workbook(solution, HEAD);

  test.each([0, 1, 2])("the formulas of question %i give the engine's answer", (question) => {
    const place = book.further[question] ?? undefined;
    expect(answerOf(book, undefined, place)).toBeCloseTo(solution.also[question] ?? NaN, 7);
  });

  test("with another debt they give what the engine gives for that", () => {
    const other = solved({ ...file, flows: [{ ...debt, amount: 12000 }, parts.flows[1]] });
    other.solution.also.forEach((wanted, question) => {
      const found = answerOf(
        book,
        ({ value }) => (value === 9000 ? 12000 : value),
        book.further[question] ?? undefined,
      );
      expect(found).toBeCloseTo(wanted ?? NaN, 7);
    });
  });

  test("rounded on the way, they go on with what was rounded", () => {
    const rounding = { factor: 4, rate: null };
    const rounded = workbook(solution, HEAD, { rounding });
    const other = answerOf(rounded, undefined, rounded.further[2] ?? undefined);
    expect(other).toBeCloseTo(60 * answerOf(rounded), 7);
  });
});

describe.each(cases)("$id", ({ problem: file, expect: wanted }) => {
  const { problem, solution } = solved(file);
  const book = workbook(solution, HEAD);

  test("its formulas, recalculated, give the reference's value", () => {
    const exact = Math.abs(Number(wanted.value));
    const found = Math.abs(answerOf(book));
    expect(Math.abs(found - exact)).toBeLessThanOrEqual(1e-9 * Math.max(exact, 1e-1));
  });

  test("every formula holds what it comes to", () => {
    for (const { name, rows } of book.sheets) {
      rows.forEach((cells, row) => {
        cells.forEach((cell, column) => {
          if (cell?.kind !== "formula") return;
          expect(cell.formula).not.toMatch(/NaN|undefined|Infinity/i);
          expect([name, row, column, Number.isFinite(cell.value)]).toEqual([
            name,
            row,
            column,
            true,
          ]);
        });
      });
    }
  });

  test("with all money doubled an amount doubles, and anything else stays as it is", () => {
    const isMoney = ["amount", "value"].includes(solution.unknown.kind);
    const doubled = answerOf(book, ({ value, shows }) => (shows === "money" ? 2 * value : value));
    const before = answerOf(book) * (isMoney ? 2 : 1);
    expect(Math.abs(doubled - before)).toBeLessThanOrEqual(1e-9 * Math.max(Math.abs(before), 0.1));
  });

  const [rate] = problem.rates;
  const quotedPercent = typeof rate?.percent === "number" ? rate.percent : 0;
  if (rate !== undefined && problem.rates.length === 1 && quotedPercent !== 0) {
    test("with another rate it gives what the engine gives", () => {
      const other = solve({ ...problem, rates: [{ ...rate, percent: quotedPercent * 1.02 }] });
      if (!other.ok) throw new Error(JSON.stringify(other.issues));
      const row = book.sheets[0]?.rows.find(
        ([, symbol]) => symbol?.kind === "text" && /^(i|j|δ)$/.test(symbol.text),
      );
      const quoted = row?.[2];
      const wanted = Math.abs(other.value.answers[0].value);
      const found = Math.abs(
        answerOf(book, (given) => (given === quoted ? given.value * 1.02 : given.value)),
      );
      expect(quoted).toMatchObject({ kind: "input", shows: "rate" });
      expect(Math.abs(found - wanted)).toBeLessThanOrEqual(1e-8 * Math.max(wanted, 0.1));
    });
  }
});
