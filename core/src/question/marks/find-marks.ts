import { numberAt } from "../text/number-words";
import type { Token } from "../text/tokens";
import { withBareAmounts } from "./bare-amounts";
import { withoutElisions } from "./elided/elisions";
import { plainOf, type Mark } from "./mark";
import { PhraseTrie, type PhraseAt } from "./phrase-trie";
import { PHRASES } from "./phrases";
import { quantityAt } from "./quantity";
import type { QuantityAt } from "./quantity-kinds";
import { timesSpan } from "./span";
import { unitAt } from "./units";

const GRAMMAR = new PhraseTrie(PHRASES);

/** Reads a text as figures, phrases and plain words, from left to right, the longest first. */
export function findMarks(tokens: readonly Token[]): Mark[] {
  const marks: Mark[] = [];
  let at = 0;
  while (at < tokens.length) {
    const mark = markAt(tokens, at, marks);
    marks.push(Object.assign(mark, { index: marks.length }));
    at = mark.behind;
  }
  return withBareAmounts(withoutElisions(marks));
}

function markAt(tokens: readonly Token[], at: number, before: readonly Mark[]): Mark {
  const quantity = quantityAt(tokens, at);
  const previous = before.at(-1);
  if (quantity !== null && isEach(tokens, quantity, ofAmount(before) ?? previous))
    return eachMark(tokens, at, quantity);
  const phrase = GRAMMAR.longestAt(tokens, at);
  if (phrase !== null && phrase.next >= (quantity?.next ?? 0))
    return phraseMark(tokens, at, phrase);
  if (quantity !== null) return quantityMark(tokens, at, quantity);
  return place(tokens, at, at + 1);
}

function place(tokens: readonly Token[], first: number, behind: number): Mark {
  const [start, end] = [tokens[first], tokens[behind - 1]];
  const text = tokens
    .slice(first, behind)
    .map((token) => token.text)
    .join(" ");
  return {
    index: 0,
    first,
    behind,
    from: start?.from ?? 0,
    to: end?.to ?? 0,
    text,
    plain: plainOf(text),
    word: start?.word ?? "",
    sentence: start?.sentence ?? 0,
    line: start?.line ?? 0,
    figures: [],
  };
}

function phraseMark(tokens: readonly Token[], at: number, phrase: PhraseAt): Mark {
  const { next, ...facts } = phrase;
  return {
    ...place(tokens, at, next),
    phrase: withCountedUnits(facts),
    figures: figuresBetween(tokens, at, next),
  };
}

/** "For 10 more years" is ten of its unit long. */
function withCountedUnits(facts: Omit<PhraseAt, "next">): Omit<PhraseAt, "next"> {
  const [number, second] = facts.numbers;
  const isCounted = facts.kind === "lasting" && facts.as === "next" && second === undefined;
  return isCounted && number !== undefined && facts.iso !== undefined
    ? { ...facts, iso: timesSpan(number, facts.iso), numbers: [] }
    : facts;
}

function figuresBetween(tokens: readonly Token[], from: number, to: number): Token[] {
  return tokens.slice(from, to).filter((token, index) => {
    const read = token.kind === "number" ? token : numberAt(tokens, from + index);
    return read !== null && (token.kind === "number" || token.word !== "a");
  });
}

function quantityMark(tokens: readonly Token[], at: number, { quantity, next }: QuantityAt): Mark {
  // "Half the price" is a figure too.
  const isFraction = quantity.is === "percent" && quantity.isFraction === true;
  const figures = isFraction ? tokens.slice(at, next) : figuresBetween(tokens, at, next);
  return { ...place(tokens, at, next), figures, quantity };
}

/** "£1,000 of maintenance a year": the amount, where a noun tells what it is for. */
function ofAmount(before: readonly Mark[]): Mark | undefined {
  const [amount, of, noun] = before.slice(-3);
  const isPlain = noun !== undefined && noun.phrase === undefined && noun.quantity === undefined;
  return of?.word === "of" && isPlain && amount?.quantity?.is === "money" ? amount : undefined;
}

const BEFORE_EACH = /^(?:payments?|times|once|interest|earns|much)$/;

/** "€1,050 a month": behind an amount or a percentage, the time is how often. */
function isEach(
  tokens: readonly Token[],
  { quantity, next }: QuantityAt,
  before: Mark | undefined,
): boolean {
  if (quantity.is !== "span" || !quantity.isArticle || before === undefined) return false;
  const of = before.quantity?.is;
  // "pays €1,200 a year from now", "what payment a year from now" tell a date.
  const isDate =
    of !== "percent" && /^(?:from|later|hence|ago|after)$/.test(tokens[next]?.word ?? "");
  if (isDate) return false;
  return of === "money" || of === "percent" || of === "number" || BEFORE_EACH.test(before.word);
}

/** Only the unit: "1.6% a week from then on" goes on with "from then on". */
function eachMark(tokens: readonly Token[], at: number, { quantity }: QuantityAt): Mark {
  const unit = unitAt(tokens, at + 1);
  const iso = unit?.iso ?? (quantity.is === "span" ? quantity.iso : "P1Y");
  const phrase = { kind: "every", as: "a", iso, numbers: [] } as const;
  return { ...place(tokens, at, unit?.next ?? at + 2), phrase };
}
