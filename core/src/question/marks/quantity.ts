import { beginsNumber, numberAt, type NumberAt } from "../text/number-words";
import type { Token } from "../text/tokens";
import type { QuantityAt } from "./quantity-kinds";
import { beginsCurrency, currencyAt, currencyBehind } from "./currency";
import { beginsMonth, dateAt } from "./date";
import { fractionOfAt } from "./fraction-of";
import { addSpans, timesSpan } from "./span";
import { unitAt } from "./units";

const MINUS = /^[-−–]$/;

/** The figure that begins at a token, the longest that can be read there. */
export function quantityAt(tokens: readonly Token[], at: number): QuantityAt | null {
  const token = tokens[at];
  if (token === undefined || !mayBegin(token)) return null;
  return (
    dateAt(tokens, at) ??
    moneyAt(tokens, at) ??
    fractionOfAt(tokens, at) ??
    percentAt(tokens, at) ??
    spanAt(tokens, at) ??
    plainAt(tokens, at)
  );
}

function mayBegin(token: Token): boolean {
  return (
    beginsNumber(token) ||
    beginsCurrency(token) ||
    beginsMonth(token) ||
    (token.kind === "sign" && MINUS.test(token.text))
  );
}

function plainAt(tokens: readonly Token[], at: number): QuantityAt | null {
  const sign = signAt(tokens, at);
  const read = numberAt(tokens, sign.next);
  if (read === null) return null;
  const { isOrdinal } = read;
  return { quantity: { is: "number", value: sign.of * read.value, isOrdinal }, next: read.next };
}

function moneyAt(tokens: readonly Token[], at: number): QuantityAt | null {
  const sign = signAt(tokens, at);
  const before = currencyAt(tokens, sign.next);
  const inner = before === null ? null : signAt(tokens, before.next);
  const read = numberAt(tokens, inner?.next ?? sign.next);
  if (read === null || read.isOrdinal) return null;
  const of = sign.of * (inner?.of ?? 1);
  const behind = currencyBehind(tokens, read.next);
  const isGrand = /^(?:grand|k)$/.test(tokens[read.next - 1]?.word ?? "");
  if (before === null && behind === null && !isGrand) return null;
  const currency = before?.currency ?? behind?.currency ?? null;
  const next = before === null ? (behind?.next ?? read.next) : read.next;
  return { quantity: { is: "money", value: of * read.value, currency }, next };
}

/** A minus sign that begins a figure, and does not join two words. */
function signAt(tokens: readonly Token[], at: number): { of: 1 | -1; next: number } {
  const token = tokens[at];
  const isMinus = token !== undefined && MINUS.test(token.text);
  const isTight = isMinus && tokens[at + 1]?.from === token.to;
  const previous = tokens[at - 1];
  const isLoose =
    previous === undefined || previous.to < (token?.from ?? 0) || previous.kind === "sign";
  return isTight && isLoose ? { of: -1, next: at + 1 } : { of: 1, next: at };
}

function percentAt(tokens: readonly Token[], at: number): QuantityAt | null {
  const sign = signAt(tokens, at);
  const read = numberAt(tokens, sign.next);
  if (read === null || read.isOrdinal) return null;
  const [first, second] = tokens.slice(read.next, read.next + 2).map(({ word }) => word);
  const length =
    first === "%" || first === "percent" || first === "pct"
      ? 1
      : first === "per" && second === "cent"
        ? 2
        : 0;
  return length === 0
    ? null
    : { quantity: { is: "percent", value: sign.of * read.value }, next: read.next + length };
}

/** "40 months", "5 1/2 years", "three years and nine months", "a year and a half", "half a year". */
export function spanAt(tokens: readonly Token[], at: number): QuantityAt | null {
  const token = tokens[at];
  if (token === undefined || !beginsNumber(token)) return null;
  const first = lengthAt(tokens, at);
  if (first === null) return null;
  let { iso, next } = first;
  for (;;) {
    const word = tokens[next]?.word;
    if (word === "and" && tokens[next + 1]?.word === "a" && tokens[next + 2]?.word === "half") {
      return spanOf(addSpans(iso, timesSpan(0.5, first.unit)), next + 3, false);
    }
    const joined = word === "and" || word === "," ? next + 1 : next;
    const further = lengthAt(tokens, joined);
    if (further === null || !isSmaller(further.unit, first.unit)) break;
    iso = addSpans(iso, further.iso);
    next = further.next;
  }
  return spanOf(iso, next, first.isArticle);
}

function spanOf(iso: string, next: number, isArticle: boolean): QuantityAt {
  return { quantity: { is: "span", iso, isArticle }, next };
}

const ORDER = ["P1D", "P1W", "P2W", "P1M", "P3M", "P6M", "P1Y", "P10Y"];

function isSmaller(unit: string, than: string): boolean {
  return ORDER.indexOf(unit) < ORDER.indexOf(than);
}

interface LengthAt {
  readonly iso: string;
  readonly unit: string;
  readonly next: number;
  readonly isArticle: boolean;
}

/** One figure and its unit. */
function lengthAt(tokens: readonly Token[], at: number): LengthAt | null {
  const article = articleAt(tokens, at);
  if (article !== null) return article;
  const read: NumberAt | null = numberAt(tokens, at);
  if (read === null || read.isOrdinal) return null;
  const unit = unitAt(tokens, read.next);
  if (unit === null || isHalfOfPayment(tokens, unit.next)) return null;
  const iso = timesSpan(read.value, unit.iso);
  return { iso, unit: unit.iso, next: unit.next, isArticle: false };
}

/** "10 month-end payments" are ten payments, not ten months. */
function isHalfOfPayment(tokens: readonly Token[], at: number): boolean {
  const [unit, end] = [tokens[at - 1], tokens[at]];
  return end?.word === "end" && end.isJoined && unit?.word.endsWith("s") !== true;
}

function articleAt(tokens: readonly Token[], at: number): LengthAt | null {
  const word = tokens[at]?.word ?? "";
  if (word === "half" && /^an?$/.test(tokens[at + 1]?.word ?? "")) {
    const unit = unitAt(tokens, at + 2);
    return unit === null
      ? null
      : { ...unit, iso: timesSpan(0.5, unit.iso), unit: unit.iso, isArticle: false };
  }
  if (!/^(?:a|an|one)$/.test(word)) return null;
  const couple = word === "a" && tokens[at + 1]?.word === "couple" && tokens[at + 2]?.word === "of";
  const unit = unitAt(tokens, couple ? at + 3 : at + 1);
  if (unit === null) return null;
  const iso = timesSpan(couple ? 2 : 1, unit.iso);
  return { iso, unit: unit.iso, next: unit.next, isArticle: word !== "one" && !couple };
}
