import Decimal from "decimal.js";

/**
 * A reckoner that knows nothing of how the workings are made: it reads the formula as it is written, with
 * the digits that stand there, and works it out in decimals of forty places.
 */
const Reckoned = Decimal.clone({ precision: 40 });

/** Digits to which figures are rounded to be written, and from how many on one may have been. */
const WRITTEN = 12;
const ROUNDED_FROM = 9;

interface Result {
  readonly value: Decimal;
  /** What the rounding of the figures in it can have done. */
  readonly slack: Decimal;
}

/** @returns `null` for what has letters or a sum that is not written out */
function reckon(text: string): Result | null {
  const figures: string[] = [];
  const bare = text.replace(/\d[\d,]*(\.\d+)?/g, (figure) => {
    figures.push(figure.replaceAll(",", ""));
    return `#${figures.length - 1}#`;
  });
  if (text.trim() === "" || /[A-Za-zδΣ?]/.test(bare.replace(/ln|e(?=\^)/g, ""))) return null;
  const exact = figures.map((figure) => new Reckoned(figure));
  const value = new Parser(bare, exact).whole();
  let slack = new Reckoned(0);
  // A result has been rounded to be written, also where that leaves it short: 1.00000000000054 is 1.
  const isResult = /^\s*-?\s*#0#\s*$/.test(bare);
  figures.forEach((figure, index) => {
    const digits = figure.replace(/^0\.0*|\./g, "").length;
    if (digits < ROUNDED_FROM && !isResult) return;
    const half = new Reckoned(10).pow(Math.floor(Math.log10(Number(figure))) + 1 - WRITTEN).div(2);
    const moved = exact.with(index, (exact[index] ?? new Reckoned(0)).plus(half));
    slack = slack.plus(new Parser(bare, moved).whole().minus(value).abs());
  });
  return { value, slack };
}

/** sum := product (± product)*; product := power (×|/ power)*; power := atom (^ power)? */
class Parser {
  private place = 0;

  constructor(
    private readonly text: string,
    private readonly figures: readonly Decimal[],
  ) {}

  whole(): Decimal {
    const value = this.sum();
    this.skip();
    if (this.place < this.text.length)
      throw new Error(`Cannot read ${this.text.slice(this.place)}`);
    return value;
  }

  private sum(): Decimal {
    let value = this.takes("-") ? this.product().neg() : this.product();
    for (;;) {
      if (this.takes("+")) value = value.plus(this.product());
      else if (this.takes("-")) value = value.minus(this.product());
      else return value;
    }
  }

  private product(): Decimal {
    let value = this.power();
    for (;;) {
      if (this.takes("×")) value = value.times(this.power());
      else if (this.takes("/")) value = value.div(this.power());
      else return value;
    }
  }

  private power(): Decimal {
    if (this.takes("√")) return this.atom().sqrt();
    const base = this.atom();
    return this.takes("^") ? base.pow(this.takes("-") ? this.power().neg() : this.power()) : base;
  }

  private atom(): Decimal {
    if (this.takes("ln")) return this.atom().ln();
    if (this.takes("e")) return new Reckoned(1).exp();
    if (this.takes("(")) {
      const value = this.sum();
      if (!this.takes(")")) throw new Error(`A bracket is open in ${this.text}`);
      return value;
    }
    const figure = /^\s*#(\d+)#/.exec(this.text.slice(this.place));
    if (figure === null) throw new Error(`Cannot read ${this.text.slice(this.place)}`);
    this.place += figure[0].length;
    return this.figures[Number(figure[1])] ?? new Reckoned(NaN);
  }

  private takes(sign: string): boolean {
    this.skip();
    if (!this.text.startsWith(sign, this.place)) return false;
    this.place += sign.length;
    return true;
  }

  private skip(): void {
    while (this.text[this.place] === " ") this.place += 1;
  }
}

const ROOT = String.raw`\sqrt{`;

/** LaTeX as the plain text that it means. */
export function fromLatex(latex: string): string {
  let text = latex
    .replaceAll(String.raw`\begin{aligned}`, "")
    .replaceAll(String.raw`\end{aligned}`, "")
    .replaceAll(String.raw`\\[0.4em] `, "")
    .replaceAll(String.raw`\quad`, "")
    .replaceAll("&", "")
    .replaceAll(String.raw`\div`, "/")
    .replaceAll("{,}", ",")
    .replaceAll(String.raw`\times`, "×")
    .replaceAll(String.raw`\dfrac`, String.raw`\frac`)
    .replaceAll(String.raw`\left`, "")
    .replaceAll(String.raw`\right`, "")
    .replaceAll(String.raw`\ln`, "ln");
  for (
    let at = text.lastIndexOf(String.raw`\frac{`);
    at >= 0;
    at = text.lastIndexOf(String.raw`\frac{`)
  ) {
    const over = group(text, at + 5);
    const under = group(text, over.end);
    text = `${text.slice(0, at)}((${over.inner})/(${under.inner}))${text.slice(under.end)}`;
  }
  for (let at = text.indexOf(ROOT); at >= 0; at = text.indexOf(ROOT)) {
    const under = group(text, at + ROOT.length - 1);
    text = `${text.slice(0, at)}√(${under.inner})${text.slice(under.end)}`;
  }
  for (let at = text.indexOf("^{"); at >= 0; at = text.indexOf("^{")) {
    const exponent = group(text, at + 1);
    text = `${text.slice(0, at)}^(${exponent.inner})${text.slice(exponent.end)}`;
  }
  return text;
}

function group(text: string, start: number): { readonly inner: string; readonly end: number } {
  let depth = 0;
  for (let at = start; at < text.length; at += 1) {
    if (text[at] === "{") depth += 1;
    if (text[at] === "}") depth -= 1;
    if (depth === 0) return { inner: text.slice(start + 1, at), end: at + 1 };
  }
  throw new Error(`A brace is open in ${text}`);
}

/** Lines that hold, and how many figures each has: the same line stands in many workings. */
const held = new Map<string, number>();

/** That all parts of a line that are figures come to the same, within what their digits can tell. */
export function expectToHold(line: string): number {
  const known = held.get(line);
  if (known !== undefined) return known;
  const figures = reckonParts(line);
  held.set(line, figures);
  return figures;
}

function reckonParts(line: string): number {
  const results = line.split(" = ").flatMap((part) => {
    const result = reckon(part);
    return result === null ? [] : [{ part, ...result }];
  });
  results.slice(1).forEach((result, index) => {
    const before = results[index];
    if (before === undefined) return;
    const apart = result.value.minus(before.value).abs();
    const allowed = result.slack
      .plus(before.slack)
      .times("1.01")
      .plus(result.value.abs().times("1e-14"))
      // Forty places are not all that there are.
      .plus("1e-30");
    if (apart.gt(allowed)) {
      throw new Error(
        `${line}\n${before.value.toString()} is not ${result.value.toString()}, by ${apart.toString()} where ${allowed.toString()} may be`,
      );
    }
  });
  return results.length;
}
