import type { Expression, SignedTerm } from "./expression";
import { explicitForm } from "./factors";
import { widthOf } from "./width";
import { write, type Manner, type Style } from "./write";

/** What fits into one row. */
export interface RowLimits {
  /** In digits, as it is seen. */
  readonly width: number;
  /** In characters of LaTeX. */
  readonly length: number;
}

/** What brackets and a sign before them need. */
const SIGNS: RowLimits = { width: 3, length: 20 };

/** A piece that is no longer than this is not broken further, however deep it stands. */
const LEAST: RowLimits = { width: 14, length: 60 };

/**
 * An expression in rows that fit: a sum breaks before a sign, a product before a factor, a quotient before what it is
 * divided by. What cannot be broken, such as one fraction, stays whole.
 */
export function writeRows(
  expression: Expression,
  manner: Manner,
  style: Style,
  limits: RowLimits,
): string[] {
  const text = write(expression, manner, style);
  if (fits(text, limits)) return [text];
  const within = {
    width: Math.max(limits.width - SIGNS.width, LEAST.width),
    length: Math.max(limits.length - SIGNS.length, LEAST.length),
  };
  const inner = (one: Expression) => writeRows(one, manner, style, within);
  const isLogarithm = (one: Expression) => openedUp(one, manner, style).op === "logarithm";
  const isSum = (one: Expression) => openedUp(one, manner, style).op === "sum";
  const opened = openedUp(expression, manner, style);
  switch (opened.op) {
    case "sum":
      return gathered(
        opened.terms.flatMap((term, index) => {
          const rows = inner(term.of);
          const held = term.sign < 0 && isSum(term.of) ? inBrackets(rows, style) : rows;
          return signed(held, term.sign, index === 0);
        }),
        " ",
        limits,
      );
    case "product": {
      const factors = opened.factors
        .map((factor) => ({ factor, rows: inner(factor) }))
        .filter(({ rows }) => rows.join("") !== "1");
      return gathered(
        factors.flatMap(({ factor, rows }, index) => {
          const held = isSum(factor) && !isFigure(rows) ? inBrackets(rows, style) : rows;
          return index === 0 ? held : withFirst(held, (row) => `${style.hand.times}${row}`);
        }),
        "",
        limits,
      );
    }
    case "quotient": {
      const over = inner(opened.over);
      const under = inner(opened.under);
      return [
        ...(isSum(opened.over) ? inBrackets(over, style) : over),
        ...withFirst(
          isLogarithm(opened.under) || isFigure(under) ? under : inBrackets(under, style),
          (row) => `${style.hand.over}${row}`,
        ),
      ];
    }
    default:
      return [text];
  }
}

/** Whether rows are one number or one letter. */
function isFigure(rows: readonly string[]): boolean {
  const [only = ""] = rows.length === 1 ? rows : [];
  return /^(?:[\d.,{}]+|[A-Za-z](?:_\{\w+\})?)$/.test(withoutMarks(only));
}

export function fits(latex: string, { width, length }: RowLimits): boolean {
  return withoutMarks(latex).length <= length && widthOf(latex) <= width;
}

function withoutMarks(latex: string): string {
  return latex.replace(/\\htmlData\{from=\w+\}/g, "");
}

/** What is written as its formula, as that formula. */
function openedUp(expression: Expression, manner: Manner, style: Style): Expression {
  if (expression.op === "quantity") {
    const { letter, expression: own, isOpen } = expression.quantity;
    const isWritten = letter === null && own !== null && (manner !== "values" || isOpen);
    return isWritten ? openedUp(own, manner, style) : expression;
  }
  const isFormula =
    expression.op === "factor" &&
    (style.notation === "fractions" || expression.factor.sign === null || manner === "numbers");
  return isFormula
    ? openedUp(explicitForm(expression.factor, expression.args), manner, style)
    : expression;
}

/** The rows of a term behind its sign; taking a negative number away adds it. */
function signed(rows: readonly string[], sign: SignedTerm["sign"], isFirst: boolean): string[] {
  return withFirst(rows, (row) => {
    if (isFirst) return sign < 0 ? `-${row}` : row;
    return row.startsWith("-")
      ? `${sign < 0 ? "+" : "-"} ${row.slice(1)}`
      : `${sign < 0 ? "-" : "+"} ${row}`;
  });
}

function withFirst(rows: readonly string[], change: (row: string) => string): string[] {
  return rows.map((row, index) => (index === 0 ? change(row) : row));
}

function inBrackets(rows: readonly string[], { hand }: Style): string[] {
  const [only] = rows;
  if (rows.length === 1 && only !== undefined) return [hand.brackets(only)];
  return rows.map((row, index) =>
    index === 0 ? `(${row}` : index === rows.length - 1 ? `${row})` : row,
  );
}

/** As many pieces in each row as fit. */
function gathered(pieces: readonly string[], between: string, limits: RowLimits): string[] {
  const rows: string[] = [];
  for (const piece of pieces) {
    const last = rows.at(-1);
    const together = last === undefined ? piece : `${last}${between}${piece}`;
    if (last !== undefined && fits(together, limits)) rows[rows.length - 1] = together;
    else rows.push(piece.trimStart());
  }
  return rows;
}
