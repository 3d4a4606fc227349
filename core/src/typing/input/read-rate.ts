import { issue } from "../../engine/issues/issue";
import { LIMITS } from "../../engine/problem/limits";
import type { Quotation } from "../../engine/rates/quotation";
import { fail, succeed, type Result } from "../../engine/result";
import { evaluateArithmetic } from "./arithmetic";
import { FRACTION_PATTERN, readFraction, spellFractions } from "./fraction";
import { readRateWords, wordsLast, type Discounting, type SaidQuotation } from "./rate-words";
import { wordsBehindMark } from "./unknown-mark";
import { remembered } from "./remembered";

export interface TypedRate extends SaidQuotation {
  /** In percent, as quoted. */
  readonly percent: number;
  /** The figure without the words about how it is quoted, as typed: `6 3/8%`. */
  readonly figure: string;
}

const FIGURE = new RegExp(
  String.raw`^([-−–+]?\s*(?:${FRACTION_PATTERN}|[\d.,'’()*/+\-−–×\s]*[\d.)]))\s*(%|per\s?cent\b|percent\b|percentage points\b)?`,
  "i",
);

/**
 * Reads a rate as it is quoted: `6.25`, `6 3/8%`, `-0.5%`, `1.8% per quarter`, `7.2% a year compounded fortnightly`,
 * `j2 = 6%`, `5% effective`, `9% APR`, `4% compounded continuously`.
 *
 * @returns the figure in percent and, where it is said, how it is quoted. Fails with
 *   `percent-missing`, `percent-not-understood` at what could not be read, `percent-too-large`,
 *   `comma-unclear`, `percent-or-decimal` for a bare `0.11`, which may be meant as 11%, and as `readRateWords` does
 */
export function readRate(
  typed: string,
  discounting: Discounting = "by-interest",
): Result<TypedRate> {
  return READERS[discounting](typed);
}

const READERS = {
  "by-interest": remembered((typed) => rateIn(typed, "by-interest")),
  asked: remembered((typed) => rateIn(typed, "asked")),
};

function rateIn(typed: string, discounting: Discounting): Result<TypedRate> {
  const text = wordsLast(spellFractions(typed.trim()));
  if (text === "") return fail(issue("percent-missing", [], {}));
  const match = FIGURE.exec(text);
  const [whole = "", digits = "", sign] = match ?? [];
  if (match === null) return notUnderstood(typed, text);
  const percent = readFigure(digits.trim());
  if (percent === null) return notUnderstood(typed, digits.trim());
  if (!percent.ok) return percent;
  if (Math.abs(percent.value) > LIMITS.percent) {
    return fail(issue("percent-too-large", [], { limit: LIMITS.percent }));
  }
  const figure = whole.trim();
  const beside = { typed, figure, percent: percent.value };
  const said = readRateWords(text.slice(whole.length), beside, discounting);
  if (!said.ok) return said;
  if (sign === undefined && isDecimal(digits, percent.value, said.value)) {
    return fail(issue("percent-or-decimal", [], { figure, percent: percent.value }));
  }
  return succeed({ percent: percent.value, figure, ...said.value });
}

/** A bare figure below 1 may be a decimal, as formulas take it; rates of a period are often below 1%. */
function isDecimal(digits: string, percent: number, { quotation }: SaidQuotation): boolean {
  const isFraction = readFraction(digits.trim()) !== null;
  return percent !== 0 && Math.abs(percent) < 1 && !isFraction && quotation?.quoted !== "periodic";
}

/** The figure of a rate alone, whatever else the text says of it. Fails as `readRate` does. */
export function readPercent(typed: string): Result<number> {
  const rate = readRate(typed);
  return rate.ok ? succeed(rate.value.percent) : rate;
}

/**
 * A figure that can only be in percent, such as a step between rates: a bare `0.5` is 0.5%. Fails as `readRate`
 * does but for `percent-or-decimal`.
 */
export function readPoints(typed: string): Result<number> {
  return readPercent(/^[-−–+]?[\d.,]+$/.test(typed.trim()) ? `${typed}%` : typed);
}

/**
 * A rate with its quotation; one that is said bare is an effective yearly one.
 *
 * @returns fails as `readRate` does, and with `apr-without-payments`, which is compounded as often as money is paid
 */
export function readQuotedRate(typed: string): Result<Quotation & { readonly percent: number }> {
  const rate = readRate(typed);
  if (!rate.ok) return rate;
  const { percent, asPaid, quotation = { quoted: "effective" } } = rate.value;
  if (asPaid === true) return fail(issue("apr-without-payments", [], { percent }));
  return succeed({ ...quotation, percent });
}

/**
 * How the unknown rate is to be quoted: `? compounded monthly`, `j2 = ?`. Fails as `readRateWords` does.
 *
 * @returns `null` for a text that is not the unknown
 */
export const readUnknownRate = remembered(unknownRateIn);

function unknownRateIn(typed: string): Result<SaidQuotation> | null {
  const words = wordsBehindMark(wordsLast(typed.trim()));
  if (words === null) return null;
  return readRateWords(
    words.replace(/^%/, ""),
    { typed, figure: "?", percent: null },
    "by-interest",
  );
}

function readFigure(text: string): Result<number> | null {
  const negative = /^[-−–]/.test(text);
  const fraction = readFraction(text.replace(/^[-−–+]\s*/, ""));
  if (fraction !== null) return succeed(negative ? -fraction : fraction);
  const worked = evaluateArithmetic(text);
  if (worked.ok) return worked;
  const [first] = worked.issues;
  return first?.code === "money-not-understood" ? null : worked;
}

function notUnderstood(typed: string, at: string): Result<never> {
  return fail(issue("percent-not-understood", [], { typed, at }));
}
