import type { Token } from "./tokens";

/** A number that begins at a token, and the token behind it. */
export interface NumberAt {
  readonly value: number;
  readonly next: number;
  /** Which of a row it is: "third", "60th". */
  readonly isOrdinal: boolean;
}

const UNITS =
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".split(
    " ",
  );
const TENS = "twenty thirty forty fifty sixty seventy eighty ninety".split(" ");
const SCALES: Readonly<Record<string, number>> = {
  hundred: 100,
  thousand: 1000,
  grand: 1000,
  lakh: 100_000,
  lakhs: 100_000,
  million: 1_000_000,
  crore: 10_000_000,
};
const ORDINALS = [
  ..."first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth".split(" "),
  ...UNITS.slice(13).map((word) => `${word}th`),
];
const TENTHS = TENS.map((word) => word.replace(/y$/, "ieth"));

const SMALL = new Map<string, number>([
  ...UNITS.map((word, value): [string, number] => [word, value]),
  ...TENS.map((word, index): [string, number] => [word, 10 * (index + 2)]),
]);
const RANKS = new Map<string, number>([
  ...ORDINALS.map((word, index): [string, number] => [word, index + 1]),
  ...TENTHS.map((word, index): [string, number] => [word, 10 * (index + 2)]),
]);
const ORDINAL_ENDINGS = new Set(["st", "nd", "rd", "th"]);
/** What follows "and" in a number with a fraction: "three and a half". */
const FRACTIONS: readonly (readonly [words: readonly string[], value: number])[] = [
  [["a", "half"], 0.5],
  [["one", "half"], 0.5],
  [["a", "quarter"], 0.25],
  [["three", "quarters"], 0.75],
  [["three", "quarter"], 0.75],
  [["a", "third"], 1 / 3],
  [["two", "thirds"], 2 / 3],
];

const FIRST_WORDS = new Set<string>([
  ...SMALL.keys(),
  ...RANKS.keys(),
  ...["a", "an", "half", "hundred", "thousand"],
]);

/** Whether a number can begin with a word: most words are passed over by this alone. */
export function beginsNumber({ word, kind }: Token): boolean {
  return kind === "number" || FIRST_WORDS.has(word);
}

/** Reads the number, in digits or in words, that begins at a token. */
export function numberAt(tokens: readonly Token[], at: number): NumberAt | null {
  const token = tokens[at];
  if (token === undefined || !beginsNumber(token)) return null;
  if (token.kind === "number") return digitsAt(tokens, at, token);
  return token.kind === "word" ? wordsAt(tokens, at) : null;
}

function digitsAt(tokens: readonly Token[], at: number, token: Token): NumberAt {
  const behind = tokens[at + 1];
  const isTouching = behind?.from === token.to;
  if (isTouching && ORDINAL_ENDINGS.has(behind.word)) {
    return { value: token.value ?? 0, next: at + 2, isOrdinal: true };
  }
  const scale = isTouching ? { k: 1000, m: 1_000_000, mn: 1_000_000 }[behind.word] : undefined;
  if (scale !== undefined) {
    return { value: exact((token.value ?? 0) * scale), next: at + 2, isOrdinal: false };
  }
  const fraction = digitFractionAt(tokens, at, token);
  if (fraction !== null) return fraction;
  const value = token.value ?? 0;
  return withTail(tokens, value, at + 1);
}

/** "5 1/2", "5½" and "1/2". */
function digitFractionAt(tokens: readonly Token[], at: number, token: Token): NumberAt | null {
  const value = token.value ?? 0;
  const partAt = (from: number): { value: number; next: number } | null => {
    const [above, slash, below] = [tokens[from], tokens[from + 1], tokens[from + 2]];
    if (above?.kind !== "number") return null;
    if (/^[½¼¾⅓⅔⅛⅜⅝⅞]$/.test(above.text)) return { value: above.value ?? 0, next: from + 1 };
    const isFraction = slash?.text === "/" && below?.kind === "number" && slash.from === above.to;
    const [over = 0, under = 0] = [above.value, below?.value];
    return isFraction && over < under && under <= 16
      ? { value: over / under, next: from + 3 }
      : null;
  };
  const own = partAt(at);
  if (own !== null) return { ...own, isOrdinal: false };
  const part = Number.isInteger(value) && value < 1000 ? partAt(at + 1) : null;
  return part === null ? null : { value: value + part.value, next: part.next, isOrdinal: false };
}

function wordsAt(tokens: readonly Token[], at: number): NumberAt | null {
  const wordOf = (index: number) => tokens[index]?.word ?? "";
  const rank = RANKS.get(wordOf(at));
  if (rank !== undefined) return { value: rank, next: at + 1, isOrdinal: true };
  if (wordOf(at) === "a" && SCALES[wordOf(at + 1)] === undefined) {
    return wordOf(at + 1) === "dozen" ? { value: 12, next: at + 2, isOrdinal: false } : null;
  }
  // "She would like to own a grand."
  if (wordOf(at + 1) === "grand" && /^(?:own|buy|buys|play|plays|new)$/.test(wordOf(at - 1)))
    return null;
  let value = 0;
  let part = 0;
  let next = at;
  for (;;) {
    const word = wordOf(next);
    const small = SMALL.get(word);
    const scale = SCALES[word];
    if (
      small !== undefined &&
      (part === 0 ||
        (part % 100 >= 20 && part % 10 === 0 && small < 10) ||
        (part % 100 === 0 && part > 0))
    ) {
      part += small;
    } else if (scale !== undefined && next > at) {
      part = Math.max(part, 1) * scale;
      if (scale >= 1000) [value, part] = [value + part, 0];
    } else if (word === "a" && next === at) part = 0;
    else if (
      word === "and" &&
      next > at &&
      part % 100 === 0 &&
      SMALL.has(wordOf(next + 1)) &&
      isScaled(tokens, next - 1)
    ) {
      next += 1;
      continue;
    } else break;
    next += 1;
  }
  if (next === at) return null;
  const tens = RANKS.get(wordOf(next));
  if (tens !== undefined && part % 10 === 0 && part > 0 && tens < 10) {
    return { value: value + part + tens, next: next + 1, isOrdinal: true };
  }
  return withTail(tokens, value + part, next);
}

function isScaled(tokens: readonly Token[], at: number): boolean {
  return SCALES[tokens[at]?.word ?? ""] !== undefined;
}

/** "12 thousand", "1.5 million", "three and a half", "5 point 2". */
function withTail(tokens: readonly Token[], value: number, at: number): NumberAt {
  const scale = SCALES[tokens[at]?.word ?? ""];
  if (scale !== undefined && scale >= 1000) return withTail(tokens, exact(value * scale), at + 1);
  if (tokens[at]?.word === "point") {
    const digits = pointDigits(tokens, at + 1);
    if (digits !== "") {
      return {
        value: Number(`${value}.${digits}`),
        next: at + 1 + digits.length,
        isOrdinal: false,
      };
    }
  }
  const fraction = tokens[at]?.word === "and" ? fractionAt(tokens, at + 1) : null;
  return fraction === null
    ? { value, next: at, isOrdinal: false }
    : { value: value + fraction.value, next: fraction.next, isOrdinal: false };
}

function pointDigits(tokens: readonly Token[], at: number): string {
  let digits = "";
  for (let next = at; ; next += 1) {
    const small = SMALL.get(tokens[next]?.word ?? "");
    if (small === undefined || small > 9) return digits;
    digits += String(small);
  }
}

/** The fraction that begins at a token: "a half", "three quarters". */
export function fractionAt(
  tokens: readonly Token[],
  at: number,
): { value: number; next: number } | null {
  for (const [words, value] of FRACTIONS) {
    if (words.every((word, index) => tokens[at + index]?.word === word)) {
      return { value, next: at + words.length };
    }
  }
  return null;
}

/** Without the last digit's error of a product of decimals: 1.2 million is 1,200,000. */
function exact(value: number): number {
  return Number(value.toPrecision(15));
}
