import { describe, expect, test } from "@jest/globals";
import Decimal from "decimal.js";
import cases from "../../reference/problems.json";
import { readProblem } from "../problem/problem-file";
import { solve } from "../solve/solve";
import type { Problem } from "../problem/schema";
import type { Solution } from "../solve/solution";
import { workings, type WorkingsOptions } from "./workings";
import { STEP_KINDS } from "./step";
import { lineLatex, linePlain } from "./write-line";

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
  figures.forEach((figure, index) => {
    const digits = figure.replace(/^0\.0*|\./g, "").length;
    if (digits < ROUNDED_FROM) return;
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

/** LaTeX as the plain text that it means. */
function fromLatex(latex: string): string {
  let text = latex
    .replaceAll(String.raw`\begin{aligned}`, "")
    .replaceAll(String.raw`\end{aligned}`, "")
    .replaceAll(String.raw`\\ &=`, "=")
    .replaceAll("&=", "=")
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

/** That all parts of a line that are figures come to the same, within what their digits can tell. */
function expectToHold(line: string): number {
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
      .plus(result.value.abs().times("1e-14"));
    if (apart.gt(allowed)) {
      throw new Error(
        `${line}\n${before.value.toString()} is not ${result.value.toString()}, by ${apart.toString()} where ${allowed.toString()} may be`,
      );
    }
  });
  return results.length;
}

function solved(file: unknown): { readonly problem: Problem; readonly solution: Solution } {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return { problem: read.value, solution: solution.value };
}

function stepsOf(file: unknown, options: WorkingsOptions = {}) {
  const { problem, solution } = solved(file);
  return workings(problem, solution, options).steps;
}

describe.each(cases)("$id", ({ problem, expect: wanted }) => {
  const steps = stepsOf(problem);

  test("ends at the reference's value, in the unit of the question", () => {
    const exact = Math.abs(Number(wanted.value));
    const values = steps
      .filter(({ kind }) => kind === "value")
      .map(({ value }) => Math.abs(value ?? NaN));
    // Of a count the last line is the payment that settles the rest.
    const last = wanted.unit === "payments" ? values : values.slice(-1);
    const nearest = Math.min(...last.map((value) => Math.abs(value - exact)));
    expect(nearest).toBeLessThanOrEqual(1e-9 * Math.max(exact, 1e-1));
    expect(steps[0]?.kind).toBe("given");
    expect(steps.at(-1)?.kind).toBe("answer");
  });

  if (wanted.unit === "payments") {
    test("what is left after the full payments is the engine's last payment", () => {
      const { facts } = solved(problem).solution;
      const last = facts.wholePayments?.smallerLast?.amount;
      const told = steps.findLast(({ kind, value }) => kind === "value" && value !== undefined);
      expect(last).toBeDefined();
      expect(Math.abs((told?.value ?? NaN) - (last ?? NaN))).toBeLessThan(
        1e-6 * Math.max(1, last ?? 0),
      );
    });
  }

  const search = steps.find(({ kind, table }) => kind === "search" && table !== undefined);
  if (search !== undefined) {
    test("the search closes in on what is found", () => {
      const last = Number(search.table?.rows.at(-1)?.[1]?.replaceAll(",", "").replace("−", "-"));
      const found = steps[steps.indexOf(search) + 1]?.value ?? NaN;
      // A rate stands in the table in percent and in the step as a decimal; other figures as they are.
      const apart = Math.min(Math.abs(last / 100 / found - 1), Math.abs(last / found - 1));
      expect(apart).toBeLessThan(1e-8);
    });
  }

  test("every line holds with the digits that stand in it, as text and as LaTeX, in both notations", () => {
    let reckoned = 0;
    for (const { lines, say } of steps) {
      expect(say).toMatch(/^[A-Z“\d].*[.]$/);
      for (const line of lines) {
        for (const notation of ["fractions", "factors"] as const) {
          reckoned += expectToHold(linePlain(line, { notation }));
        }
        expectToHold(fromLatex(lineLatex(line)));
      }
    }
    expect(reckoned).toBeGreaterThan(0);
  });
});

test("every kind of step is seen in the workings of some case", () => {
  const seen = new Set(
    cases.flatMap(({ problem }) =>
      stepsOf(problem, { rounding: { factor: 4, rate: null } }).map(({ kind }) => kind),
    ),
  );
  expect([...seen].sort()).toEqual([...STEP_KINDS].sort());
});
