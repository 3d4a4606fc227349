import { evaluateWith } from "../../workings/mathematics/evaluate";
import {
  of,
  type Expression,
  type Quantity,
  type SoughtRoot,
} from "../../workings/mathematics/expression";
import { plainHand } from "../../workings/mathematics/hands";
import { UNROUNDED } from "../../workings/mathematics/figures";
import { write } from "../../workings/mathematics/write";
import { columnName, text, type Cell, type WorkbookSheet } from "./cells";
import { formulaOf } from "./formula";
import { usesIn } from "./uses";
import { WORKBOOK_WORDS } from "../../../wording/teaching/workbook-words";
import { USUAL_FORMAT } from "../../../wording/answer-format";

const WORDS = WORKBOOK_WORDS.trials;

/** A numerical solution as a sheet, and the cell of its result. */
export interface SearchSheet {
  readonly sheet: WorkbookSheet;
  readonly found: string;
}

/** Extra trials, so that changed values are solved as well. */
const STEPS_TO_SPARE = 12;
const MOST_STEPS = 80;

/** A trial that moves the figure by a smaller part of it moves no digit. */
const CLOSE_ENOUGH = 1e-14;

const ROWS_BEFORE = 4;

/** The columns of the trials; the parts of the net value follow. */
const FIGURE = "B";
const OTHER_END = "C";
const AT_OTHER_END = "D";
const BALANCE = "E";
const OWN_COLUMNS = 5;

/**
 * The trials of a numerical solution, each a row of live formulas: linear interpolation gives the next trial,
 * as in the workings (false position with the Illinois modification).
 *
 * @param cellOf cells of the known quantities, with the name of their sheet
 */
export function searchSheet(
  name: string,
  root: SoughtRoot,
  cellOf: (quantity: Quantity) => string | null,
): SearchSheet {
  const helpers = new Helpers(root, cellOf);
  const balance = (row: number) => helpers.formula(root.balance, row);
  const steps = stepsOf(root);
  // All columns are known once the balance has been written.
  balance(0);
  const rows = steps.map(({ figure, other, atOther, value }, step): (Cell | null)[] => {
    const row = ROWS_BEFORE + step + 1;
    const before = row - 1;
    const [x, a, fa, f] = [FIGURE, OTHER_END, AT_OTHER_END, BALANCE].map(
      (one) => `${one}${before}`,
    );
    const shows = root.unknown.kind;
    const crossed = `${BALANCE}${row}*${f}<0`;
    return [
      text(step === 0 ? WORDS.from : step === 1 ? WORDS.to : String(step - 1)),
      step < 2
        ? { kind: "input", value: figure, shows }
        : {
            kind: "formula",
            formula: `IF(${f}=${fa},${x},${x}-${f}*(${x}-${a})/(${f}-${fa}))`,
            value: figure,
            shows,
          },
      step === 0
        ? null
        : {
            kind: "formula",
            formula: step === 1 ? String(x) : `IF(${crossed},${x},${a})`,
            value: other,
            shows,
          },
      step === 0
        ? null
        : {
            kind: "formula",
            formula: step === 1 ? String(f) : `IF(${crossed},${f},${fa}/2)`,
            value: atOther,
            shows: "money",
          },
      { kind: "formula", formula: balance(row), value, shows: "money" },
      ...helpers.cells(row, figure),
    ];
  });
  return {
    found: `${FIGURE}${ROWS_BEFORE + steps.length}`,
    sheet: {
      name,
      widths: [8, 20, 20, 20, 20, ...helpers.heads.map(() => 20)],
      rowsKept: ROWS_BEFORE,
      rows: [
        [text(WORDS.title, "title")],
        [text(WORDS.how)],
        [],
        [
          WORDS.step,
          letterOf(root.unknown),
          WORDS.otherBound,
          WORDS.valueThere,
          WORDS.value,
          ...helpers.heads,
        ].map((head) => text(head, "head")),
        ...rows,
      ],
    },
  };
}

interface SearchStep {
  readonly figure: number;
  readonly other: number;
  readonly atOther: number;
  readonly value: number;
}

/** The values of the formulas in the rows. */
function stepsOf({ balance, unknown, low, high }: SoughtRoot): SearchStep[] {
  const at = (figure: number) => evaluateWith(balance, unknown, figure);
  const first = { figure: low, other: NaN, atOther: NaN, value: at(low) };
  const second = { figure: high, other: low, atOther: first.value, value: at(high) };
  const steps: SearchStep[] = [first, second];
  let last: SearchStep = second;
  let toSpare = STEPS_TO_SPARE;
  while (steps.length < MOST_STEPS && toSpare > 0) {
    const { figure, other, atOther, value } = last;
    const next =
      value === atOther ? figure : figure - (value * (figure - other)) / (value - atOther);
    const there = at(next);
    const isCrossed = there * value < 0;
    if (Math.abs(next - figure) <= CLOSE_ENOUGH * Math.abs(next)) toSpare -= 1;
    last = {
      figure: next,
      value: there,
      other: isCrossed ? figure : other,
      atOther: isCrossed ? value : atOther / 2,
    };
    steps.push(last);
  }
  return steps;
}

/** Columns for the parts that the net value uses more than once, and for each of many terms. */
class Helpers {
  readonly heads: string[] = [];
  private readonly made: Expression[] = [];
  private readonly columns = new Map<Quantity, number>();
  private readonly ranges = new Map<object, [number, number]>();
  private readonly uses: ReadonlyMap<Quantity, number>;

  constructor(
    private readonly root: SoughtRoot,
    private readonly cellOf: (quantity: Quantity) => string | null,
  ) {
    this.uses = usesIn(root.balance);
  }

  formula(expression: Expression, row: number): string {
    return formulaOf(expression, {
      cellOf: (quantity) => this.cell(quantity, row),
      rangeOf: (parts, whole) => this.range(parts, whole, row),
    });
  }

  cells(row: number, figure: number): Cell[] {
    const { unknown } = this.root;
    return this.made.map((expression) => ({
      kind: "formula",
      formula: this.formula(expression, row),
      value: evaluateWith(expression, unknown, figure),
      shows: "factor",
    }));
  }

  private cell(quantity: Quantity, row: number): string | null {
    if (quantity === this.root.unknown) return `${FIGURE}${row}`;
    if (!quantity.isOpen) return this.cellOf(quantity);
    if (quantity.expression === null || (this.uses.get(quantity) ?? 0) < 2) return null;
    const before = this.columns.get(quantity);
    if (before !== undefined) return `${columnName(before)}${row}`;
    const { expression } = quantity;
    // Its parts come first.
    this.formula(expression, row);
    const column = this.add(
      expression,
      quantity.letter === null ? headOf(expression) : letterOf(quantity),
    );
    this.columns.set(quantity, column);
    return `${columnName(column)}${row}`;
  }

  private range(parts: readonly Expression[], whole: object, row: number): string {
    const [first, last] = this.ranges.get(whole) ?? this.addAll(parts, whole, row);
    return `${columnName(first)}${row}:${columnName(last)}${row}`;
  }

  private addAll(parts: readonly Expression[], whole: object, row: number): [number, number] {
    // Their parts come first, so that the terms are in adjacent columns.
    for (const part of parts) this.formula(part, row);
    const columns = parts.map((part, index) => this.add(part, WORDS.term(index + 1)));
    const ends: [number, number] = [columns[0] ?? 0, columns.at(-1) ?? 0];
    this.ranges.set(whole, ends);
    return ends;
  }

  private add(expression: Expression, head: string): number {
    this.made.push(expression);
    this.heads.push(head);
    return OWN_COLUMNS + this.made.length - 1;
  }
}

function letterOf(quantity: Quantity): string {
  return headOf(of(quantity));
}

function headOf(expression: Expression): string {
  return write(expression, "symbols", {
    hand: plainHand,
    rounding: UNROUNDED,
    format: USUAL_FORMAT,
    notation: "fractions",
    isMarked: false,
  });
}
