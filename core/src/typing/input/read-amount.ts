import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { evaluateArithmetic, workOutUnrounded, type NamedFigure } from "./arithmetic";
import { readMoney, withoutCurrency } from "./read-money";
import type { Names } from "./names";
import { PART_BETWEEN, isClose } from "../../engine/numbers/compare";

/** An amount by itself, or so many times that of another flow, and some more or less. */
export type SaidAmount =
  number | { readonly times: number; readonly of: string; readonly plus?: number | undefined };

const ONCE = /^(?:(?:the )?same as|as much as|equal to)$/;
const WORDS: Readonly<Record<string, number>> = {
  twice: 2,
  double: 2,
  "two times": 2,
  thrice: 3,
  triple: 3,
  "three times": 3,
  half: 0.5,
  "half of": 0.5,
  "half the": 0.5,
  "a third of": 1 / 3,
  "two thirds of": 2 / 3,
  "a quarter of": 0.25,
  "three quarters of": 0.75,
  "a tenth of": 0.1,
};
const BY_ANOTHER =
  /^(.*?(?:\bas|\bto|\bof|\btimes|[x×*]|\btwice|\bdouble|\bthrice|\btriple|\bhalf(?:\s+of)?))\s+(\D.*)$/;

const MORE_OR_LESS = /^(.+?)\s+(more|greater|higher|less|lower|smaller)\s+than\s+(\D.*)$/;

/**
 * Reads an amount that may be said by another one: `4,500`, `30% of the loan`, `twice the repayments`,
 * `same as saving`, `1.5 x rent`, `first / 2`, `first + 500`, `500 less than first`.
 *
 * @param names what the other lines are called
 * @returns as `readMoney` does; fails with `name-not-found`, `names-several` and `name-not-linear` too
 */
export function readAmount(typed: string, names: Names): Result<SaidAmount> {
  const text = typed.trim().toLowerCase();
  const [, figure = "", way = "", other = ""] = MORE_OR_LESS.exec(text) ?? [];
  if (way !== "") {
    const sign = /^[mgh]/.test(way) ? "+" : "-";
    return readAmount(`${other} ${sign} (${figure})`, names);
  }
  const match = BY_ANOTHER.exec(text);
  if (match === null) return readMoneyOrLinear(typed, names);
  const [, left = "", name = ""] = match;
  const of = names.find(name);
  const times = timesOf(left);
  if (of !== null && times !== null) return succeed({ times, of });
  // "30% of 900" is an amount by itself.
  const plain = readMoneyOrLinear(typed, names);
  return plain.ok || times === null || isAboutNames(plain)
    ? plain
    : fail(issue("name-not-found", [], { name }));
}

function isAboutNames(read: Result<unknown>): boolean {
  return !read.ok && ["names-several", "name-not-linear"].includes(read.issues[0]?.code ?? "");
}

function readMoneyOrLinear(typed: string, names: Names): Result<SaidAmount> {
  const plain = readMoney(typed);
  return plain.ok ? plain : (linearIn(withoutCurrency(typed), names) ?? plain);
}

/**
 * Arithmetic with the name of one other flow: worked out for some of its amounts, which tells how many
 * times that amount it is and how much more.
 *
 * @returns `null` for a text that names no flow or that is no arithmetic
 */
function linearIn(text: string, names: Names): Result<SaidAmount> | null {
  const at = (amountOf: (id: string) => number) => {
    const figures = names.all.map(({ words, id }): NamedFigure => ({
      words,
      value: amountOf(id),
      is: "money",
    }));
    return workOutUnrounded(text, figures);
  };
  const ids = [...new Set(names.all.map(({ id }) => id))];
  const whole = at(() => 1);
  if (!whole.ok) return whole.issues[0]?.code === "money-not-understood" ? null : whole;
  const one = at(() => 0);
  if (!one.ok) return fail(issue("name-not-linear", [], {}));
  const used = ids.filter((id) => {
    const alone = at((other) => (other === id ? 1 : 0));
    return alone.ok && alone.value.value !== one.value.value;
  });
  const [of] = used;
  if (of === undefined) return null;
  if (used.length > 1) return fail(issue("names-several", [], {}));
  const plus = one.value.value;
  const times = whole.value.value - plus;
  const third = at(() => 3);
  const isLinear = third.ok && isClose(third.value.value - plus, 3 * times, PART_BETWEEN.anyWay);
  if (!isLinear || times < 0) return fail(issue("name-not-linear", [], {}));
  return succeed({ times, of, ...(plus === 0 ? {} : { plus }) });
}

function timesOf(words: string): number | null {
  const said = words.trim().replace(/\s+/g, " ");
  if (ONCE.test(said)) return 1;
  const word = WORDS[said];
  if (word !== undefined) return word;
  const figure = said.replace(/\s*(?:of|times|[x×*])$/, "");
  if (figure === said) return null;
  const worked = evaluateArithmetic(figure);
  return worked.ok && worked.value >= 0 ? worked.value : null;
}
