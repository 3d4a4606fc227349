import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { evaluateArithmetic } from "./arithmetic";
import { readMoney } from "./read-money";
import type { Names } from "./names";

/** An amount by itself, or so many times that of another flow. */
export type SaidAmount = number | { readonly times: number; readonly of: string };

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
  "a third of": 1 / 3,
  "two thirds of": 2 / 3,
  "a quarter of": 0.25,
  "three quarters of": 0.75,
  "a tenth of": 0.1,
};
const BY_ANOTHER =
  /^(.*?(?:\bas|\bto|\bof|\btimes|[x×*]|\btwice|\bdouble|\bthrice|\btriple|\bhalf(?:\s+of)?))\s+(\D.*)$/;

/**
 * Reads an amount that may be said by another one: `4,500`, `30% of the loan`, `twice the repayments`,
 * `same as saving`, `1.5 x rent`.
 *
 * @param names what the other lines are called
 * @returns as `readMoney` does; fails with `name-not-found` too
 */
export function readAmount(typed: string, names: Names): Result<SaidAmount> {
  const text = typed.trim().toLowerCase();
  const match = BY_ANOTHER.exec(text);
  if (match === null) return readMoney(typed);
  const [, left = "", name = ""] = match;
  const of = names.find(name);
  const times = timesOf(left);
  if (of !== null && times !== null) return succeed({ times, of });
  // "30% of 900" is an amount by itself.
  const plain = readMoney(typed);
  return plain.ok || times === null ? plain : fail(issue("name-not-found", [], { name }));
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
