/*
 * How wide a formula is when it is set, in digits. An estimate: it decides where a line breaks, and no break that comes a
 * little early or late does harm.
 */

const OPERATOR = 2.5;
const LETTER = 1.2;
const DIGIT = 1;
const NARROW = 0.5;
const SMALLER = 0.7;

/** The width of a formula in LaTeX, as far as workings write it. */
export function widthOf(latex: string): number {
  return new Reader(latex).row();
}

class Reader {
  private at = 0;

  constructor(private readonly text: string) {}

  /** Up to the brace that closes it, or to the end. */
  row(): number {
    let width = 0;
    while (this.at < this.text.length && this.text[this.at] !== "}") width += this.piece();
    return width;
  }

  private group(): number {
    if (this.text[this.at] !== "{") return this.piece();
    this.at += 1;
    const width = this.row();
    this.at += 1;
    return width;
  }

  private piece(): number {
    const sign = this.text[this.at] ?? "";
    if (sign === "\\") return this.command();
    if (sign === "{") return this.group();
    this.at += 1;
    if (sign === "^" || sign === "_") return SMALLER * this.group();
    if ("=+-".includes(sign)) return OPERATOR;
    if (",. ()".includes(sign)) return sign === " " ? 0 : NARROW;
    return /[A-Za-z]/.test(sign) ? LETTER : DIGIT;
  }

  private command(): number {
    const [whole = "\\", name = ""] = /^\\([A-Za-z]+|.)/.exec(this.text.slice(this.at)) ?? [];
    this.at += whole.length;
    switch (name) {
      case "frac":
      case "dfrac":
        return Math.max(this.group(), this.group()) + NARROW;
      case "times":
      case "div":
        return OPERATOR;
      case "htmlData":
        this.group();
        return this.group();
      case "sqrt":
        return LETTER + this.group();
      case "text":
      case "mathit":
      case "overline":
        return this.group();
      case "ln":
        return 2;
      case "delta":
      case "sum":
      case "prod":
        return LETTER;
      default:
        return 0;
    }
  }
}
