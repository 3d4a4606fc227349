import { withDigits } from "../../engine/numbers/with-digits";
import { issue, type Issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { NUMBER_PATTERN, readPlainNumber } from "./plain-number";

type Operator = "+" | "-" | "*" | "/" | "^" | "(" | ")" | "%";
type Token = { readonly text: string } & (
  | { readonly kind: "number"; readonly value: number; readonly isNamed: NamedFigure["is"] | null }
  | { readonly kind: "operator"; readonly operator: Operator }
);

const MULTIPLES: Readonly<Record<string, number>> = {
  k: 1e3,
  thousand: 1e3,
  m: 1e6,
  mn: 1e6,
  million: 1e6,
  bn: 1e9,
  billion: 1e9,
};

const SPELLINGS: Readonly<Record<string, Operator>> = {
  "+": "+",
  "-": "-",
  "−": "-",
  "–": "-",
  "*": "*",
  x: "*",
  "×": "*",
  "·": "*",
  of: "*",
  "/": "/",
  "÷": "/",
  "^": "^",
  "(": "(",
  ")": ")",
  "%": "%",
};

const NUMBER = new RegExp(String.raw`^(?=[\d.])(?:${NUMBER_PATTERN})`, "i");
const MULTIPLE = /^\s?(thousand|million|billion|mn|bn|k|m)(?![a-z])/i;
const OPERATOR = /^(?:of\b|[-+−–*x×·/÷^()%])/i;

/** A figure that may stand in a sum by its name. */
export interface NamedFigure {
  /** In small letters. */
  readonly words: string;
  readonly value: number;
  /** An earlier or a longer name: read, but not offered. */
  readonly isFormer?: true;
  /** A percentage is given as a decimal: 0.05 for 5%. */
  readonly is: "money" | "number" | "percentage";
}

export interface WorkedSum {
  readonly value: number;
  /** An amount of money, or a bare number such as one amount by another. */
  readonly is: "money" | "number";
}

/**
 * Works out a line of ordinary arithmetic: `15*12`, `12k + 500`, `30% of 900`, `1,000*1.05^3`.
 *
 * Multiplication before addition, powers before both, brackets first. A percentage is a hundredth
 * and may be multiplied and divided, not added: "500 + 10%" means different things to different people.
 *
 * @returns the value; fails with `money-not-understood` at what could not be read, `comma-unclear`,
 *   `bracket-unmatched`, `divided-by-zero` or `number-not-finite`
 */
export function evaluateArithmetic(text: string): Result<number> {
  const worked = workOut(text, []);
  return worked.ok ? succeed(worked.value.value) : worked;
}

/**
 * Works out arithmetic in which figures may stand by their names: `answer / 20%`, `payments x 140`.
 * It is money where a named amount of money is in it and is not divided out again.
 *
 * @returns fails as `evaluateArithmetic` does
 */
export function workOut(text: string, named: readonly NamedFigure[]): Result<WorkedSum> {
  const worked = workOutUnrounded(text, named);
  if (!worked.ok) return worked;
  const { value, figures, is } = worked.value;
  // A number by itself keeps every digit; arithmetic on decimals leaves noise (0.1 + 0.2) that nobody typed.
  return succeed({ value: figures === 1 ? value : withDigits(value, 15), is });
}

/** The same with the noise of its arithmetic, and how many figures are in it. Fails as `workOut` does. */
export function workOutUnrounded(
  text: string,
  named: readonly NamedFigure[],
): Result<WorkedSum & { readonly figures: number }> {
  const tokens = tokenize(text, named);
  if (!tokens.ok) return tokens;
  try {
    const { value, money } = new Reader(text, tokens.value).whole();
    if (!Number.isFinite(value)) return fail(issue("number-not-finite", [], {}));
    const figures = tokens.value.filter(({ kind }) => kind === "number").length;
    return succeed({ value, figures, is: money > 0 ? "money" : "number" });
  } catch (error) {
    if (error instanceof Refusal) return fail(error.issue);
    throw error;
  }
}

/** Thrown inside this file only: it carries an issue up through the descent. */
class Refusal extends Error {
  constructor(readonly issue: Issue) {
    super(issue.code);
  }
}

function tokenize(text: string, named: readonly NamedFigure[]): Result<Token[]> {
  const tokens: Token[] = [];
  let rest = text.trimStart();
  while (rest !== "") {
    const name = nameAt(rest, named);
    const number = NUMBER.exec(rest)?.[0];
    if (name !== null) {
      const { value, is } = name.figure;
      tokens.push({ kind: "number", value, text: name.text, isNamed: is });
      rest = rest.slice(name.text.length);
    } else if (number !== undefined && number !== "") {
      const read = readPlainNumber(number);
      if (read === null)
        return fail(issue("money-not-understood", [], { typed: text, at: number }));
      if (!read.ok) return read;
      rest = rest.slice(number.length);
      const multiple = MULTIPLE.exec(rest);
      rest = rest.slice(multiple?.[0].length ?? 0);
      const factor = MULTIPLES[multiple?.[1]?.toLowerCase() ?? ""] ?? 1;
      tokens.push({ kind: "number", value: read.value * factor, text: number, isNamed: null });
    } else {
      const spelling = OPERATOR.exec(rest)?.[0];
      const operator = SPELLINGS[spelling?.toLowerCase() ?? ""];
      if (spelling === undefined || operator === undefined) {
        const at = /^\S+/.exec(rest)?.[0] ?? rest;
        return fail(issue("money-not-understood", [], { typed: text, at }));
      }
      tokens.push({ kind: "operator", operator, text: spelling });
      rest = rest.slice(spelling.length);
    }
    rest = rest.trimStart();
  }
  return succeed(tokens);
}

/** The longest name that the text begins with, so that "total in" is not taken for "total". */
function nameAt(
  rest: string,
  named: readonly NamedFigure[],
): { readonly text: string; readonly figure: NamedFigure } | null {
  const article = /^(?:the|my|each) /i.exec(rest)?.[0] ?? "";
  const lower = rest.slice(article.length).toLowerCase();
  const fitting = named.filter(
    ({ words }) =>
      words !== "" && lower.startsWith(words) && !/^[\p{L}\d]/u.test(lower.slice(words.length)),
  );
  const [longest] = fitting.sort((one, other) => other.words.length - one.words.length);
  if (longest === undefined) return null;
  return { text: rest.slice(0, article.length + longest.words.length), figure: longest };
}

interface Measured {
  readonly value: number;
  /** How often amounts of money are multiplied in it: their quotient is no money any more. */
  readonly money: number;
  /** A bare percentage: it may not be added to an amount. */
  readonly isPercentage: boolean;
  /** The text of a rate that stands by its name: "1 + rate" is clear, an amount plus a rate is a slip. */
  readonly rate?: string | undefined;
}

/** Recursive descent over the tokens: sum, product, power, part. */
class Reader {
  private position = 0;

  constructor(
    private readonly text: string,
    private readonly tokens: readonly Token[],
  ) {}

  whole(): Measured {
    const whole = this.sum();
    const left = this.tokens[this.position];
    if (left !== undefined) {
      throw left.text === ")"
        ? new Refusal(issue("bracket-unmatched", [], {}))
        : this.notUnderstood(left.text);
    }
    return whole;
  }

  private sum(): Measured {
    let total = this.product();
    for (let operator = this.take("+", "-"); operator !== null; operator = this.take("+", "-")) {
      const next = this.product();
      const odd = total.isPercentage !== next.isPercentage;
      if (odd) throw this.notUnderstood("%");
      const rate = total.money > 0 ? next.rate : next.money > 0 ? total.rate : undefined;
      if (rate !== undefined) throw this.notUnderstood(rate);
      const value = operator === "+" ? total.value + next.value : total.value - next.value;
      total = {
        value,
        money: Math.max(total.money, next.money),
        isPercentage: total.isPercentage,
      };
    }
    return total;
  }

  private product(): Measured {
    let total = this.power();
    for (let operator = this.take("*", "/"); operator !== null; operator = this.take("*", "/")) {
      const next = this.power();
      if (operator === "/" && next.value === 0) {
        throw new Refusal(issue("divided-by-zero", [], {}));
      }
      const value = operator === "*" ? total.value * next.value : total.value / next.value;
      total = {
        value,
        money: operator === "*" ? total.money + next.money : total.money - next.money,
        isPercentage: total.isPercentage && next.isPercentage,
      };
    }
    return total;
  }

  private power(): Measured {
    const base = this.part();
    if (this.take("^") === null) return base;
    const power = this.signed().value;
    return { value: base.value ** power, money: base.money * power, isPercentage: false };
  }

  private signed(): Measured {
    return this.take("-") === null ? this.power() : negate(this.power());
  }

  private part(): Measured {
    if (this.take("-") !== null) return negate(this.part());
    if (this.take("+") !== null) return this.part();
    if (this.take("(") !== null) {
      const inside = this.sum();
      if (this.take(")") === null) throw new Refusal(issue("bracket-unmatched", [], {}));
      return this.percentage(inside);
    }
    const token = this.tokens[this.position];
    if (token?.kind !== "number") throw this.notUnderstood(token?.text ?? this.lastText());
    this.position += 1;
    return this.percentage({
      value: token.value,
      money: token.isNamed === "money" ? 1 : 0,
      isPercentage: false,
      rate: token.isNamed === "percentage" ? token.text : undefined,
    });
  }

  private percentage(measured: Measured): Measured {
    if (this.take("%") === null) return measured;
    return { value: measured.value / 100, money: measured.money, isPercentage: true };
  }

  private take<Wanted extends Operator>(...wanted: readonly Wanted[]): Wanted | null {
    const token = this.tokens[this.position];
    if (token?.kind !== "operator") return null;
    const found = wanted.find((operator) => operator === token.operator);
    if (found === undefined) return null;
    this.position += 1;
    return found;
  }

  private lastText(): string {
    return this.tokens.at(-1)?.text ?? this.text;
  }

  private notUnderstood(at: string): Refusal {
    return new Refusal(issue("money-not-understood", [], { typed: this.text, at }));
  }
}

function negate(measured: Measured): Measured {
  return { ...measured, value: -measured.value };
}
