import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/problems.json";
import { placeOf, recalculate } from "../../../test/recalculate";
import { readProblem } from "../../problem/problem-file";
import type { Problem } from "../../problem/schema";
import { solve } from "../../solve/solve";
import type { Solution } from "../../solve/solution";
import type { Cell, Workbook } from "./cells";
import { workbook } from "./workbook";

function solved(file: unknown): { readonly problem: Problem; readonly solution: Solution } {
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
): number {
  const { sheet, cell } = book.answer;
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

describe.each(cases)("$id", ({ problem: file, expect: wanted }) => {
  const { problem, solution } = solved(file);
  const book = workbook(problem, solution, HEAD);

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
