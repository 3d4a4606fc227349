import type { Path } from "../../issues/issue";
import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { followUpWords } from "../../wording/follow-up-words";
import type { FurtherWorkings } from "../../workings/further/further-workings";
import { decimalsOf, type Rounding } from "../../workings/mathematics/figures";
import { evaluate } from "../../workings/mathematics/evaluate";
import type { Expression, Quantity, Root } from "../../workings/mathematics/expression";
import { letterIn, plainHand } from "../../workings/mathematics/hands";
import type { Line, Step } from "../../workings/step";
import type { Workings } from "../../workings/workings";
import { linePlain } from "../../workings/write-line";
import { text, type Cell, type Place, type Workbook, type WorkbookSheet } from "./cells";
import { formulaOf } from "./formula";
import { quantityWords } from "./quantity-words";
import { reachableFrom } from "./reachable";
import { searchSheet } from "./search-sheet";

const NAME = "Workings";
const SEARCH = "Search";
const VALUE_COLUMN = "C";
const NOW = "With the figures that stand here now";

/** What stands over the figures: what the problem is called, what it asks, who hands it in. */
export interface WorkbookHead {
  readonly title: string;
  readonly lines: readonly string[];
}

/** Every quantity of the workings in a cell of its own, in the order in which it is made. */
export class WorkingsSheet {
  private readonly rows: (readonly (Cell | null)[])[] = [];
  private readonly cells = new Map<Quantity, string>();
  private readonly ranges = new Map<object, string>();
  private readonly searches: WorkbookSheet[] = [];
  /** What a further question finds there. */
  private earlier: readonly (readonly [Quantity, string])[] = [];

  constructor(
    private readonly problem: Problem,
    private readonly solution: Solution,
    private readonly made: Workings,
    private readonly rounding: Rounding,
  ) {}

  /** This sheet, and one for the search where there is one. */
  write(head: WorkbookHead, further: readonly (FurtherWorkings | null)[]): Workbook {
    const { steps, result } = this.made;
    const [given, ...others] = steps;
    this.rows.push(
      [text(head.title, "title")],
      ...head.lines.map((line) => [text(line)]),
      [text("The figures in colour are given: change one, and all that follows from it changes.")],
      [],
      ["What", "Symbol", "Value", "How"].map((one) => text(one, "head")),
    );
    if (given !== undefined) this.given(given);
    for (const step of others) this.step(step);
    const place = this.cellOf(result);
    this.heading("The answer.");
    this.rows.push([text(`As it was handed in: ${steps.at(-1)?.say ?? ""}`)]);
    this.rows.push([text(NOW), null, answerCell(place, result)]);
    const answer = this.here();
    const places = further.map((one) => (one === null ? null : this.further(one)));
    const own = { name: NAME, widths: [54, 10, 24, 64], rowsKept: 0, rows: this.rows };
    return {
      sheets: [own, ...this.searches],
      answer,
      further: places,
    };
  }

  /** A further question goes on with the cells that are there. */
  private further({ question, steps, result }: FurtherWorkings): Place {
    this.earlier = [...this.cells];
    this.heading(`${followUpWords(question, this.problem)}.`);
    for (const step of steps) this.step(step);
    const place = this.cellOf(result);
    this.rows.push([text(NOW), null, answerCell(place, result)]);
    return this.here();
  }

  private here(): Place {
    return { sheet: NAME, cell: `${VALUE_COLUMN}${this.rows.length}` };
  }

  /** All that is given, also what has no letter: the amounts of a list. */
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

  /** Gives a quantity a row, behind those of all that it is made of. */
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
        ? "What is asked"
        : quantityWords(this.problem, this.solution, quantity));
    this.rows.push([
      text(words),
      letter === null ? null : text(letterIn(letter, plainHand), "formula"),
      formula === null
        ? { kind: "input", value, shows: kind }
        : { kind: "formula", formula, value, shows: kind },
      expression === null ? null : text(howOf(quantity, expression), "formula"),
    ]);
    const cell = `${VALUE_COLUMN}${this.rows.length}`;
    this.cells.set(quantity, cell);
    return cell;
  }

  /** The cell of an earlier question's figure that a further one takes up: given, or found. */
  private cellOfSame({ expression, kind, value, path }: Quantity): string | undefined {
    if (expression !== null && expression.op !== "number") return undefined;
    const isFound = expression !== null || isSamePath(path, this.solution.unknown.path);
    const isSame = (one: Quantity) =>
      one.kind === kind &&
      Math.abs(one.value - value) <= SAME_VALUE * Math.abs(value) &&
      (isSamePath(one.path, path) || (isFound && one.expression !== null));
    return this.earlier.find(([one]) => isSame(one))?.[1];
  }

  private formula(quantity: Quantity, expression: Expression): string {
    if (expression.op === "root") return this.search(expression);
    const formula = this.plain(expression);
    const decimals = decimalsOf(quantity.kind, this.rounding);
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

  /** Many terms, each in a row of its own. */
  private range(parts: readonly Expression[], whole: object): string {
    const before = this.ranges.get(whole);
    if (before !== undefined) return before;
    // What they are made of comes first, so that they stand below one another.
    const formulas = parts.map((part) => this.plain(part));
    const first = this.rows.length + 1;
    parts.forEach((part, index) => {
      const formula = formulas[index] ?? "0";
      const value = evaluate(part);
      this.rows.push([
        text(`Term ${index + 1}`),
        null,
        { kind: "formula", formula, value, shows: "money" },
      ]);
    });
    const range = `${VALUE_COLUMN}${first}:${VALUE_COLUMN}${this.rows.length}`;
    this.ranges.set(whole, range);
    return range;
  }

  private search(root: Root): string {
    // All that the balance is made of has its cell here before the other sheet asks for it.
    const name = this.searches.length === 0 ? SEARCH : `${SEARCH} ${this.searches.length + 1}`;
    const { sheet, found } = searchSheet(name, root, (one) => `${NAME}!${this.cellOf(one)}`);
    this.searches.push(sheet);
    return name.includes(" ") ? `'${name}'!${found}` : `${name}!${found}`;
  }
}

/** Figures closer than this are one figure, worked out twice. */
const SAME_VALUE = 1e-11;

function isSamePath(one: Path | null, other: Path | null): boolean {
  return one !== null && other !== null && one.join() === other.join();
}

function answerCell(formula: string, { value, kind }: Quantity): Cell {
  return { kind: "formula", formula, value, shows: kind, isAnswer: true };
}

/** The quantity that a line of what is given tells. */
function quantityOf({ parts }: Line): Quantity | undefined {
  const [first] = parts;
  return first?.expression.op === "quantity" ? first.expression.quantity : undefined;
}

/** How a quantity is worked out, in symbols. */
function howOf({ letter }: Quantity, expression: Expression): string {
  if (expression.op === "root") return "found by search, on the next sheet";
  const formula = linePlain({ parts: [{ expression, manner: "symbols" }] });
  return letter === null ? formula : `${letterIn(letter, plainHand)} = ${formula}`;
}
