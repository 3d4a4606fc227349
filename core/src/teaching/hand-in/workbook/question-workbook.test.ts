import { describe, expect, test } from "@jest/globals";
import reference from "../../../../reference/parts.json";
import { placeOf, recalculate } from "../../../../test/recalculate";
import { readQuestion } from "../../../engine/question/question-file";
import { solve } from "../../../engine/solve/solve";
import { draftOfQuestion } from "../../../typing/draft/parts/question-draft";
import { readParts } from "../../../typing/draft/parts/read-parts";
import { linkedParts } from "../../../typing/draft/parts/write-question";
import type { Cell, Workbook } from "./cells";
import { questionWorkbook, type WorkbookPart } from "./workbook";

const cases = reference as unknown as readonly {
  readonly id: string;
  readonly question: unknown;
  readonly expect: readonly { readonly value: string; readonly unit: string }[];
}[];

function partsOf(id: string): WorkbookPart[] {
  const read = readQuestion(cases.find((one) => one.id === id)?.question);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return linkedParts(readParts(draftOfQuestion(read.value))).map(
    ({ label, problem, references }) => {
      const solved = solve(problem);
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      const links = references.flatMap(({ field, answer }) =>
        field === null ? [] : [{ field, answer }],
      );
      return { label, heading: `(${label})`, solved: solved.value, links };
    },
  );
}

const bookOf = (id: string) => questionWorkbook(partsOf(id), { title: "Sheet", lines: [] });

function cellAt({ sheets }: Workbook, sheet: string, cell: string): Cell | null {
  const { column, row } = placeOf(cell);
  return sheets.find(({ name }) => name === sheet)?.rows[row - 1]?.[column - 1] ?? null;
}

/** The last answer, worked out anew with other figures on the sheet of the first part. */
function answerOf(book: Workbook, changed: (value: number) => number = (value) => value): number {
  const { sheet, cell } = book.answer;
  const at = (inSheet: string, one: string) => {
    const held = cellAt(book, inSheet, one);
    if (held?.kind === "input") return inSheet === "Part a" ? changed(held.value) : held.value;
    return held?.kind === "formula" ? { formula: held.formula } : null;
  };
  return recalculate({ at }, sheet, cell);
}

const linksOf = ({ sheets }: Workbook) =>
  sheets.flatMap(({ name, rows }) =>
    rows
      .flat()
      .filter(
        (cell) =>
          cell?.kind === "formula" && cell.formula.includes("'Part ") && name.startsWith("Part"),
      ),
  );

test.each(cases.map(({ id }) => id))("%s comes to the answer of the reference", (id) => {
  const book = bookOf(id);
  const wanted = cases.find((one) => one.id === id)?.expect.at(-1);
  const value = Math.abs(answerOf(book));
  expect(Math.abs(value / Math.abs(Number(wanted?.value)) - 1)).toBeLessThan(1e-9);
  expect(new Set(book.sheets.map(({ name }) => name)).size).toBe(book.sheets.length);
});

test("what is taken up is a formula of the other sheet, but for a few figures that count otherwise there", () => {
  const links = cases.map(({ id }) => linksOf(bookOf(id)).length);
  expect(links.filter((count) => count === 0).length).toBeLessThan(links.length / 8);
});

describe("a change in the first part goes through all of them", () => {
  test.each([
    ["renewal-01", 210_900],
    ["rounded-payment-02", 142_700],
  ])("%s: twice the loan", (id, loan) => {
    const book = bookOf(id);
    const twice = answerOf(book, (value) => (value === loan ? 2 * loan : value));
    const grown = id.startsWith("rounded") ? Number.NaN : 2 * answerOf(book);
    if (Number.isNaN(grown)) expect(twice).not.toBeCloseTo(answerOf(book), 2);
    else expect(twice).toBeCloseTo(grown, 6);
  });
});
