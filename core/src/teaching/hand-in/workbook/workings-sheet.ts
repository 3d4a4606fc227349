import { isSameField, type FieldRef } from "../../../engine/fields/field-ref";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import type { AnswerFormat } from "../../../wording/answer-format";
import { followUpWords } from "../../../wording/follow-up-words";
import type { FurtherWorkings } from "../../workings/further/further-workings";
import { decimalsOf, type Rounding } from "../../workings/mathematics/figures";
import { evaluate } from "../../workings/mathematics/evaluate";
import type { Expression, Quantity, SoughtRoot } from "../../workings/mathematics/expression";
import { letterIn, plainHand } from "../../workings/mathematics/hands";
import type { Line, Step } from "../../workings/step";
import type { Workings } from "../../workings/workings";
import { linePlain } from "../../workings/write-line";
import { text, type Cell, type Place, type Workbook, type WorkbookSheet } from "./cells";
import { formulaOf } from "./formula";
import { quantityWords } from "./quantity-words";
import { reachableFrom } from "./reachable";
import { searchSheet } from "./search-sheet";
import { WORKBOOK_WORDS } from "../../../wording/teaching/workbook-words";
import { PART_BETWEEN, isClose } from "../../../engine/numbers/compare";

const WORDS = WORKBOOK_WORDS;
const VALUE_COLUMN = "C";

/** The head of the workbook: title, question and author. */
export interface WorkbookHead {
  readonly title: string;
  readonly lines: readonly string[];
}

/** How a sheet is written. */
export interface SheetStyle {
  readonly rounding: Rounding;
  readonly format: AnswerFormat;
  /** What the sheet and those of its numerical solutions are called. */
  readonly names: { readonly sheet: string; readonly trials: string };
  /** A figure that is given by a cell of another sheet, and what that comes to; `null` for one of its own. */
  readonly linkOf: (field: FieldRef) => Linked | null;
}

/** A formula that takes up a cell of another sheet. */
export interface Linked {
  readonly formula: string;
  readonly value: number;
}

/** The quantities of the workings, each in its own cell, in the order of calculation. */
export class WorkingsSheet {
  private readonly rows: (readonly (Cell | null)[])[] = [];
  private readonly cells = new Map<Quantity, string>();
  private readonly ranges = new Map<object, string>();
  private readonly searches: WorkbookSheet[] = [];
  /** The cells that a follow-up question can use. */
  private earlier: readonly (readonly [Quantity, string])[] = [];

  constructor(
    private readonly solved: SolvedProblem,
    private readonly made: Workings,
    private readonly style: SheetStyle,
  ) {}

  /** This sheet, and one for each numerical solution. */
  write(head: WorkbookHead, further: readonly (FurtherWorkings | null)[]): Workbook {
    const { steps, result } = this.made;
    const [given, ...others] = steps;
    this.rows.push(
      [text(head.title, "title")],
      ...head.lines.map((line) => [text(line)]),
      [text(WORDS.howToUse)],
      [],
      WORDS.heads.map((one) => text(one, "head")),
    );
    if (given !== undefined) this.given(given);
    for (const step of others) this.step(step);
    const place = this.cellOf(result);
    this.heading(WORDS.answer);
    this.rows.push([text(WORDS.asHandedIn(steps.at(-1)?.say ?? ""))]);
    this.rows.push([text(WORDS.now), null, answerCell(place, result)]);
    const answer = this.here();
    const places = further.map((one) => (one === null ? null : this.further(one)));
    const own = {
      name: this.style.names.sheet,
      widths: [54, 10, 24, 64],
      rowsKept: 0,
      rows: this.rows,
    };
    return {
      sheets: [own, ...this.searches],
      answer,
      further: places,
    };
  }

  /** A follow-up question continues with the existing cells. */
  private further({ question, steps, result }: FurtherWorkings): Place {
    this.earlier = [...this.cells];
    this.heading(`${followUpWords(question, this.solved.problem, this.style.format)}.`);
    for (const step of steps) this.step(step);
    const place = this.cellOf(result);
    this.rows.push([text(WORDS.now), null, answerCell(place, result)]);
    return this.here();
  }

  private here(): Place {
    return { sheet: this.style.names.sheet, cell: `${VALUE_COLUMN}${this.rows.length}` };
  }

  /** The given values, including those without a letter: the amounts of a list. */
  private given({ say, lines }: Step): void {
    this.heading(say);
    const { steps, result, quantities } = this.made;
    const told = steps.flatMap((step) => step.lines.flatMap(({ defines }) => defines ?? []));
    const reached = reachableFrom([result, ...told]);
    for (const line of lines) {
      const quantity = quantityOf(line);
      if (quantity !== undefined && !quantity.isOpen) this.place(quantity, line.note);
    }
    for (const quantity of quantities) {
      const isGiven = quantity.expression === null && !quantity.isOpen;
      if (isGiven && reached.has(quantity)) this.place(quantity);
    }
  }

  private step({ say, lines }: Step): void {
    const own = lines.flatMap(({ defines, note }) => {
      const isNew =
        defines !== undefined &&
        !defines.isOpen &&
        !this.cells.has(defines) &&
        this.cellOfSame(defines) === undefined;
      return isNew ? [{ defines, note }] : [];
    });
    if (own.length === 0) return;
    this.heading(say);
    for (const { defines, note } of own) this.place(defines, note);
  }

  private heading(words: string): void {
    this.rows.push([], [text(words, "heading")]);
  }

  /** Gives a quantity a row, after the rows of its parts. */
  private place(quantity: Quantity, note?: string): string {
    const before = this.cells.get(quantity) ?? this.cellOfSame(quantity);
    if (before !== undefined) {
      this.cells.set(quantity, before);
      return before;
    }
    const { expression, letter, kind, value } = quantity;
    const formula = expression === null ? null : this.formula(quantity, expression);
    const words =
      note ??
      (quantity === this.made.result
        ? WORDS.unknown
        : quantityWords(this.solved, quantity, this.style.format));
    this.rows.push([
      text(words),
      letter === null ? null : text(letterIn(letter, plainHand), "formula"),
      formula === null
        ? this.givenCell(quantity)
        : { kind: "formula", formula, value, shows: kind },
      expression === null ? null : text(howOf(quantity, expression), "formula"),
    ]);
    const cell = `${VALUE_COLUMN}${this.rows.length}`;
    this.cells.set(quantity, cell);
    return cell;
  }

  /** A figure that is given: to be changed here, or by the part that it is taken up of. */
  private givenCell({ field, value, kind }: Quantity): Cell {
    const link = field === null ? null : this.style.linkOf(field);
    // What a figure counts may differ from what the other part counts: then it is given for itself.
    return link !== null && isClose(link.value, value, PART_BETWEEN.steps)
      ? { kind: "formula", formula: link.formula, value, shows: kind }
      : { kind: "input", value, shows: kind };
  }

  /** The cell of an earlier quantity that a follow-up question uses: given or found. */
  private cellOfSame({ expression, kind, value, field }: Quantity): string | undefined {
    if (expression !== null && expression.op !== "number") return undefined;
    const isFound = expression !== null || isSame(field, this.solved.unknown.field);
    const isAlike = (one: Quantity) =>
      one.kind === kind &&
      isClose(one.value, value, PART_BETWEEN.steps) &&
      (isSame(one.field, field) || (isFound && one.expression !== null));
    return this.earlier.find(([one]) => isAlike(one))?.[1];
  }

  private formula(quantity: Quantity, expression: Expression): string {
    if (expression.op === "root") return this.search(expression);
    const formula = this.plain(expression);
    const decimals = decimalsOf(quantity.kind, this.style.rounding);
    return decimals === null ? formula : `ROUND(${formula},${decimals})`;
  }

  private plain(expression: Expression): string {
    return formulaOf(expression, {
      cellOf: (one) => this.cellOf(one),
      rangeOf: (parts, whole) => this.range(parts, whole),
    });
  }

  private cellOf(quantity: Quantity): string {
    return this.cells.get(quantity) ?? this.place(quantity);
  }

  /** Many terms, each in its own row. */
  private range(parts: readonly Expression[], whole: object): string {
    const before = this.ranges.get(whole);
    if (before !== undefined) return before;
    // Their parts come first, so that the terms are in adjacent rows.
    const formulas = parts.map((part) => this.plain(part));
    const first = this.rows.length + 1;
    parts.forEach((part, index) => {
      const formula = formulas[index] ?? "0";
      const value = evaluate(part);
      this.rows.push([
        text(WORDS.term(index + 1)),
        null,
        { kind: "formula", formula, value, shows: "money" },
      ]);
    });
    const range = `${VALUE_COLUMN}${first}:${VALUE_COLUMN}${this.rows.length}`;
    this.ranges.set(whole, range);
    return range;
  }

  private search(root: SoughtRoot): string {
    // The parts of the net value get their cells here before the other sheet refers to them.
    const { sheet: own, trials } = this.style.names;
    const name = this.searches.length === 0 ? trials : `${trials} ${this.searches.length + 1}`;
    const { sheet, found } = searchSheet(name, root, (one) => cellOn(own, this.cellOf(one)));
    this.searches.push(sheet);
    return cellOn(name, found);
  }
}

/** A cell of another sheet, as a formula names it. */
export function cellOn(sheet: string, cell: string): string {
  return sheet.includes(" ") ? `'${sheet}'!${cell}` : `${sheet}!${cell}`;
}

function isSame(one: FieldRef | null, other: FieldRef | null): boolean {
  return one !== null && other !== null && isSameField(one, other);
}

function answerCell(formula: string, { value, kind }: Quantity): Cell {
  return { kind: "formula", formula, value, shows: kind, isAnswer: true };
}

/** The quantity of a line of given values. */
function quantityOf({ parts }: Line): Quantity | undefined {
  const [first] = parts;
  return first?.expression.op === "quantity" ? first.expression.quantity : undefined;
}

/** The formula of a quantity, in symbols. */
function howOf({ letter }: Quantity, expression: Expression): string {
  if (expression.op === "root") return WORDS.numerically;
  const formula = linePlain({ parts: [{ expression, manner: "symbols" }] });
  return letter === null ? formula : `${letterIn(letter, plainHand)} = ${formula}`;
}
