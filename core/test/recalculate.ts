/**
 * A small reckoner of workbooks that knows nothing of how they are made: it reads formulas as OpenFormula
 * has them (a minus before a figure holds tighter than a power, powers are taken from the left) and
 * recalculates every cell from what stands in the others.
 */
export interface Written {
  /** What a cell holds: a figure, a formula without its equals sign, or nothing that reckons. */
  readonly at: (sheet: string, cell: string) => number | { readonly formula: string } | null;
}

export function recalculate(book: Written, sheet: string, cell: string): number {
  const known = new Map<string, number>();
  const valueAt = (inSheet: string, one: string): number => {
    const key = `${inSheet}!${one}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const held = book.at(inSheet, one);
    if (held === null) return 0;
    known.set(key, NaN);
    const value =
      typeof held === "number" ? held : new Formula(held.formula, inSheet, valueAt).value();
    known.set(key, value);
    return value;
  };
  return valueAt(sheet, cell);
}

type Result = number | boolean | number[];

const TOKEN =
  /\s*(?:(\d+\.?\d*(?:E[+-]?\d+)?)|((?:'[^']+'|[A-Za-z]\w*)!)?(\$?[A-Z]{1,3}\$?\d+)(?::(\$?[A-Z]{1,3}\$?\d+))?|([A-Z][A-Z0-9.]*)(?=\()|(<=|>=|<>|[-+*/^(),<>=]))/y;

interface Token {
  readonly figure?: string;
  readonly sheet?: string;
  readonly from?: string;
  readonly to?: string;
  readonly name?: string;
  readonly sign?: string;
}

class Formula {
  private readonly tokens: Token[] = [];
  private place = 0;

  constructor(
    private readonly text: string,
    private readonly sheet: string,
    private readonly valueAt: (sheet: string, cell: string) => number,
  ) {
    TOKEN.lastIndex = 0;
    while (TOKEN.lastIndex < text.length) {
      const start = TOKEN.lastIndex;
      const found = TOKEN.exec(text);
      if (found === null) throw new Error(`Cannot read "${text.slice(start)}" of ${text}`);
      const [, figure, inSheet, from, to, name, sign] = found;
      this.tokens.push({
        ...(figure === undefined ? {} : { figure }),
        ...(inSheet === undefined
          ? {}
          : { sheet: inSheet.replace(/!$/, "").replace(/^'|'$/g, "") }),
        ...(from === undefined ? {} : { from: from.replaceAll("$", "") }),
        ...(to === undefined ? {} : { to: to.replaceAll("$", "") }),
        ...(name === undefined ? {} : { name }),
        ...(sign === undefined ? {} : { sign }),
      });
    }
  }

  value(): number {
    const value = single(this.comparison());
    if (this.place < this.tokens.length) throw new Error(`Something is left over in ${this.text}`);
    return value;
  }

  private comparison(): Result {
    const left = this.sum();
    const sign = this.takes("<", ">", "<=", ">=", "=", "<>");
    if (sign === null) return left;
    const [one, other] = [single(left), single(this.sum())];
    const holds = { "<": one < other, ">": one > other, "<=": one <= other, ">=": one >= other };
    return sign === "=" ? one === other : sign === "<>" ? one !== other : holds[sign as "<"];
  }

  private sum(): Result {
    let value = this.product();
    for (let sign = this.takes("+", "-"); sign !== null; sign = this.takes("+", "-")) {
      value = single(value) + (sign === "+" ? 1 : -1) * single(this.product());
    }
    return value;
  }

  private product(): Result {
    let value = this.power();
    for (let sign = this.takes("*", "/"); sign !== null; sign = this.takes("*", "/")) {
      const other = single(this.power());
      value = sign === "*" ? single(value) * other : single(value) / other;
    }
    return value;
  }

  private power(): Result {
    let value = this.signed();
    while (this.takes("^") !== null) value = single(value) ** single(this.signed());
    return value;
  }

  private signed(): Result {
    if (this.takes("-") !== null) return -single(this.signed());
    if (this.takes("+") !== null) return this.signed();
    return this.atom();
  }

  private atom(): Result {
    const token = this.tokens[this.place];
    this.place += 1;
    if (token?.figure !== undefined) return Number(token.figure);
    if (token?.name !== undefined) return this.call(token.name);
    if (token?.from !== undefined) {
      const sheet = token.sheet ?? this.sheet;
      return token.to === undefined
        ? this.valueAt(sheet, token.from)
        : cellsBetween(token.from, token.to).map((cell) => this.valueAt(sheet, cell));
    }
    if (token?.sign !== "(") throw new Error(`Cannot read ${this.text} at ${this.place}`);
    const value = this.comparison();
    if (this.takes(")") === null) throw new Error(`A bracket is open in ${this.text}`);
    return value;
  }

  private call(name: string): number {
    this.takes("(");
    const args: Result[] = [];
    do args.push(this.comparison());
    while (this.takes(",") !== null);
    if (this.takes(")") === null) throw new Error(`A bracket is open in ${this.text}`);
    const figures = args.flatMap((arg) => (typeof arg === "boolean" ? [] : arg));
    const [x = NaN, y = NaN] = figures;
    switch (name) {
      case "IF":
        return single((args[0] === true ? args[1] : args[2]) ?? NaN);
      case "SUM":
        return figures.reduce((total, one) => total + one, 0);
      case "PRODUCT":
        return figures.reduce((total, one) => total * one, 1);
      case "MIN":
        return Math.min(...figures);
      case "MAX":
        return Math.max(...figures);
      case "ABS":
        return Math.abs(x);
      case "EXP":
        return Math.exp(x);
      case "LN":
        return Math.log(x);
      case "ROUND":
        // Spreadsheets round what they show of a figure, so that half a cent is half a cent.
        return (
          (Math.sign(x) * Math.round(Number((Math.abs(x) * 10 ** y).toPrecision(15)))) / 10 ** y
        );
      case "ROUNDUP":
        return (
          (Math.sign(x) * Math.ceil(Number((Math.abs(x) * 10 ** y).toPrecision(15)))) / 10 ** y
        );
      default:
        throw new Error(`There is no function ${name}`);
    }
  }

  private takes(...signs: readonly string[]): string | null {
    const sign = this.tokens[this.place]?.sign;
    if (sign === undefined || !signs.includes(sign)) return null;
    this.place += 1;
    return sign;
  }
}

function single(result: Result): number {
  if (typeof result !== "number") throw new Error("A figure is expected");
  return result;
}

function cellsBetween(from: string, to: string): string[] {
  const [first, last] = [placeOf(from), placeOf(to)];
  const cells: string[] = [];
  for (let row = first.row; row <= last.row; row += 1) {
    for (let column = first.column; column <= last.column; column += 1) {
      cells.push(`${columnLetters(column)}${row}`);
    }
  }
  return cells;
}

export function placeOf(cell: string): { readonly column: number; readonly row: number } {
  const [, letters = "", row = ""] = /^([A-Z]+)(\d+)$/.exec(cell) ?? [];
  const column = Array.from(letters).reduce(
    (sum, letter) => sum * 26 + letter.charCodeAt(0) - 64,
    0,
  );
  return { column, row: Number(row) };
}

function columnLetters(column: number): string {
  const [before, last] = [Math.floor((column - 1) / 26), (column - 1) % 26];
  return (before === 0 ? "" : columnLetters(before)) + String.fromCharCode(65 + last);
}
