import type { FigureUnit } from "../../engine/fields/figure-unit";
import { issue } from "../../engine/issues/issue";
import { plainDecimal } from "../../engine/numbers/plain-decimal";
import { roundDecimal } from "../../engine/numbers/round-decimal";
import { fail, succeed, type Result } from "../../engine/result";
import { evaluateArithmetic } from "./arithmetic";
import { readTime } from "./read-time";

/** A figure of an earlier part of the question. */
export interface EarlierFigure {
  readonly value: number;
  readonly unit: FigureUnit;
  /** How a rate is quoted there, as it is typed: without it, the same figure would be another rate here. */
  readonly quoted?: string;
}

/** The parts of a question, as one of them sees those before it. */
export interface EarlierFigures {
  /** Whether a part may be taken up: fails with what is wrong with the reference. */
  readonly check: (label: string) => Result<null>;
  /** What some words mean in a part: fails where it has no answer yet; `null` for words that mean nothing there. */
  readonly find: (label: string, words: string) => Result<EarlierFigure> | null;
}

/**
 * Puts numbers in the place of what a text takes up of earlier parts: `half the payment of (a)`.
 *
 * @param unit what the text is to come to; `null` where that is open
 * @returns the text as it is where it takes nothing up. Fails with `part-missing`, `part-refers-to-itself`,
 *   `part-refers-ahead`, `part-waits`, `part-answers-several`, `part-solution-missing`, `part-has-no` or
 *   `part-other-unit`
 */
export type TakeUp = (text: string, unit: FigureUnit | null) => Result<string>;

const LABEL = "[a-z0-9]{1,8}";
/** What a bare letter may follow: "payment of a"; other words before one may be the name of a line. */
const OF_LETTER = String.raw`(?<=\b(?:answer|payment|repayment|deposit|balance|rate|result|value|time|term)s?\b[^()]{0,60})\b(?:of|from|in|to)\s+(?<bare>[a-z])(?=\s*(?:$|[-+*/,;]))`;
const OF_PART = String.raw`\b(?:of|from|in|to|for|as)\s+(?:part\s*\(?\s*(?<named>${LABEL})\b\s*\)?|\(\s*(?<lettered>${LABEL})\s*\))`;
const ROUNDED = String.raw`(?:\s*,)?\s+(?:\(rounded\)|rounded\b(?:\s+to\s+(?:the\s+(?:nearest\s+)?(?:cent|penny)|(?<places>\d{1,2})\s+(?:decimals?|decimal\s+places)))?|to\s+the\s+(?:nearest\s+)?(?:cent|penny))`;
const REFERENCE = new RegExp(`(?:${OF_PART}|${OF_LETTER})(?<rounded>${ROUNDED})?`, "i");
const ROUNDED_BEHIND = new RegExp(`^(?<rounded>${ROUNDED})`, "i");
/** When, said behind the part: "balance of (a) after 5 years". */
const BEHIND = /^\s+(?:after|at|on|in|over|during)\s+[^-+*/();,]+?(?=\s*(?:$|[-+*/);,]))/i;
/** A whole text that is only a part means its answer. */
const ALONE = new RegExp(String.raw`^\s*(?:part\s+\(?|\()\s*([a-z])\s*\)?\s*$`, "i");
const MOST_WORDS = 12;

const LONGEST = 400;
const MAY_TAKE_UP = /\(|part|\b(?:of|from|in|to)\s+[a-z]\b/i;

/** Whether a text takes up something of another part, whatever may be wrong with it. */
export function takesUp(text: string): boolean {
  // Nearly every text of a page has neither, at every key. Nobody types a longer one, and patterns that look back
  // take their time.
  return (
    text.length <= LONGEST && MAY_TAKE_UP.test(text) && (REFERENCE.test(text) || ALONE.test(text))
  );
}

/** Something of an earlier part within a text. */
export interface Taken {
  readonly label: string;
  /** What of the part, in small letters: "balance after 5 years". */
  readonly words: string;
  /** The decimals that it is rounded to; `null` for every digit. */
  readonly places: number | null;
  readonly figure: EarlierFigure;
}

/** A text in pieces: what is typed as it is, and what is taken up. */
export type Pieces = readonly (string | Taken)[];

export function takeUpFrom(earlier: EarlierFigures): TakeUp {
  return (text, unit) => {
    if (!takesUp(text)) return succeed(text);
    const pieces = piecesOf(text, earlier);
    return pieces.ok ? wholeText(pieces.value, unit) : pieces;
  };
}

/** The pieces of a text. Fails as `TakeUp` does but for `part-other-unit`. */
export function piecesOf(text: string, earlier: EarlierFigures): Result<Pieces> {
  const pieces: (string | Taken)[] = [];
  let rest = text.replace(ALONE, "answer of ($1)");
  for (let match = REFERENCE.exec(rest); match !== null; match = REFERENCE.exec(rest)) {
    const { named, lettered, bare = "" } = match.groups ?? {};
    const label = (named ?? lettered ?? bare).toLowerCase();
    const checked = earlier.check(label);
    if (!checked.ok) return checked;
    const [left, after] = [rest.slice(0, match.index), rest.slice(match.index + match[0].length)];
    const when = BEHIND.exec(after)?.[0] ?? "";
    const plain = longestMeaning(left, label, earlier);
    const isMeant = plain.ok || when === "" || plain.issues[0]?.code !== "part-has-no";
    const meant = isMeant ? plain : longestMeaning(left, label, earlier, when);
    if (!meant.ok) return meant;
    const { before, words, figure } = meant.value;
    const behind = isMeant ? null : ROUNDED_BEHIND.exec(after.slice(when.length));
    const { rounded, places = "2" } = behind?.groups ?? match.groups ?? {};
    const isRounded = rounded !== undefined || /^(?:\S+ )?rounded /.test(words);
    pieces.push(before, { label, words, figure, places: isRounded ? Number(places) : null });
    rest = isMeant ? after : after.slice(when.length + (behind?.[0].length ?? 0));
  }
  return succeed([...pieces, rest]);
}

interface Meaning {
  /** What stands in front of it, a multiple as a factor. */
  readonly before: string;
  readonly words: string;
  readonly figure: EarlierFigure;
}

/** The longest run of words in front of a part that means something there. @param when words behind it, to go with them */
function longestMeaning(
  left: string,
  label: string,
  earlier: EarlierFigures,
  when = "",
): Result<Meaning> {
  const starts = [...left.matchAll(/[^\s*/+^%(),;–−-]+/g)].map(({ index }) => index);
  for (const start of starts.slice(-MOST_WORDS)) {
    const said = `${left.slice(start).trim()} ${when.trim()}`;
    const words = said
      .trim()
      .toLowerCase()
      .replace(/\s+/g, " ")
      .replace(ARTICLE, "")
      .replace(FOUND, "");
    const figure = earlier.find(label, words.replace(/^rounded /, ""));
    if (figure?.ok === false) return figure;
    if (figure !== null) {
      return succeed({ before: asFactors(left.slice(0, start)), words, figure: figure.value });
    }
  }
  return fail(issue("part-has-no", [], { label, words: left.trim().slice(-60) }));
}

const ARTICLE = /^(?:the|my|our) /;
const FOUND = / (?:found|calculated|obtained|asked for)$/;

const FACTORS: readonly (readonly [RegExp, string])[] = [
  [/\b(?:half|one half)(?:\s+of)?\s*$/i, "0.5 * "],
  [/\b(?:a|one) quarter\s+of\s*$/i, "0.25 * "],
  [/\b(?:a|one) third\s+of\s*$/i, "1/3 * "],
  [/\b(?:twice|double|two times)\s*$/i, "2 * "],
  [/\btimes\s*$/i, "* "],
  [/(\d[\d.,]*)\s+more\s+than\s*$/i, "$1 + "],
  [/(\d[\d.,]*)\s+less\s+than\s*$/i, "-$1 + "],
];

function asFactors(before: string): string {
  return FACTORS.reduce((text, [words, factor]) => text.replace(words, factor), before);
}

/** The text with numbers in it: in the words of its unit where it comes to one figure, else as money is summed. */
function wholeText(pieces: Pieces, unit: FigureUnit | null): Result<string> {
  const taken = pieces.filter((piece) => typeof piece !== "string");
  const isAlone = pieces.every((piece) => typeof piece !== "string" || piece.trim() === "");
  const [first] = taken;
  const odd = unit !== null && first !== undefined && !mayStandFor(first.figure.unit, unit);
  if (odd && isAlone) {
    const { label, figure } = first;
    return fail(issue("part-other-unit", [], { label, unit: figure.unit, wanted: unit }));
  }
  if (first !== undefined && (isAlone || unit !== "money")) {
    const sum = sumOf(pieces, roundedValue);
    // A figure that counts something else is a bare number within a sum: "1 * answer of (a)".
    if (sum.ok) {
      const { unit: own, quoted = "" } = first.figure;
      const isRate = unit === "percent" && own === "percent";
      return succeed(textOf(sum.value, odd ? unit : own) + (isRate ? ` ${quoted}` : ""));
    }
  }
  // A rate with words behind it, such as "rate of (a) compounded monthly".
  const sign = unit === "percent" ? "%" : "";
  return succeed(
    pieces
      .map((piece) => (typeof piece === "string" ? piece : inSum(roundedValue(piece)) + sign))
      .join(""),
  );
}

/** A time says for how long payments go on, as well as a number of them does. */
function mayStandFor(unit: FigureUnit, wanted: FigureUnit): boolean {
  return unit === wanted || (unit === "years" && wanted === "payments");
}

/** A time among the figures of a sum: "5 years 6 months". */
const SPAN =
  /\d[\d.,]*\s*(?:years?|months?|weeks?|days?)\b(?:\s+(?:and\s+)?\d[\d.,]*\s*(?:months?|weeks?|days?)\b)*/gi;

/**
 * A text worked out as a sum of bare numbers, for some value of each figure in it. Fails where it is no sum, or where
 * its figures do not count the same.
 */
export function sumOf(pieces: Pieces, valueOf: (taken: Taken) => number): Result<number> {
  const units = new Set(
    pieces.flatMap((piece) => (typeof piece === "string" ? [] : piece.figure.unit)),
  );
  const [unit = "money"] = units;
  if (units.size > 1) return fail(issue("money-not-understood", [], { typed: "", at: "" }));
  const text = pieces
    .map((piece) => (typeof piece === "string" ? bare(piece, unit) : inSum(valueOf(piece))))
    .join("");
  return evaluateArithmetic(text);
}

/** Numbers without the word for what they count. */
function bare(text: string, unit: FigureUnit): string {
  switch (unit) {
    case "money":
      return text;
    case "percent":
      return text.replace(/%/g, "");
    case "payments":
      return text.replace(/\bpayments?\b/gi, "");
    case "years":
      return text.replace(SPAN, (span) => {
        const time = readTime(span);
        return time.ok ? plainDecimal(time.value.years) : span;
      });
  }
}

function inSum(value: number): string {
  return value < 0 ? `(${plainDecimal(value)})` : plainDecimal(value);
}

export function roundedValue({ figure: { value }, places }: Taken): number {
  return places === null ? value : Number(roundDecimal(value, places));
}

/** As somebody would have typed it, with every digit. */
function textOf(value: number, unit: FigureUnit): string {
  switch (unit) {
    case "money":
      return plainDecimal(value);
    case "percent":
      return `${plainDecimal(value)}%`;
    case "years":
      return value < 0 ? `${plainDecimal(-value)} years ago` : `${plainDecimal(value)} years`;
    case "payments":
      return `${plainDecimal(value)} payments`;
  }
}

/** Where nothing comes before. */
export const TAKES_UP_NOTHING: TakeUp = takeUpFrom({
  check: (label) => fail(issue("part-missing", [], { label })),
  find: () => null,
});
