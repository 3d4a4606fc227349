import { isCalendarDate } from "../../engine/time/calendar";
import type { Token } from "../text/tokens";
import type { QuantityAt } from "./quantity-kinds";

const MONTHS = [
  ...["january", "february", "march", "april", "may", "june", "july", "august", "september"],
  ...["october", "november", "december"],
];

const MONTH_NUMBERS = new Map<string, number>([
  ...MONTHS.flatMap((month, index): [string, number][] => [
    [month, index + 1],
    [month.slice(0, 3), index + 1],
  ]),
  ["sept", 9],
]);

function monthOf(word: string): number {
  return MONTH_NUMBERS.get(word) ?? 0;
}

export function beginsMonth({ kind, word }: Token): boolean {
  return kind === "word" && word.length >= 3 && monthOf(word) !== 0;
}

/** "31 January 2028", "January 31, 2028", "2028-01-31"; a month and a year is its first day. */
export function dateAt(tokens: readonly Token[], at: number): QuantityAt | null {
  return dayFirst(tokens, at) ?? monthFirst(tokens, at) ?? isoDate(tokens, at);
}

function dateOf(year: number, month: number, day: number, next: number): QuantityAt | null {
  const two = (part: number) => String(part).padStart(2, "0");
  const iso = `${String(year).padStart(4, "0")}-${two(month)}-${two(day)}`;
  return isCalendarDate(iso) ? { quantity: { is: "date", iso }, next } : null;
}

function isYear(token: Token | undefined): boolean {
  return token?.kind === "number" && /^(?:1[5-9]|2[01])\d\d$/.test(token.text);
}

function dayFirst(tokens: readonly Token[], at: number): QuantityAt | null {
  const day = tokens[at];
  if (day?.kind !== "number" || !/^\d{1,2}$/.test(day.text)) return null;
  const isRank = /^(?:st|nd|rd|th)$/.test(tokens[at + 1]?.word ?? "");
  let next = isRank ? at + 2 : at + 1;
  if (tokens[next]?.word === "of") next += 1;
  const month = monthOf(tokens[next]?.word ?? "");
  const year = tokens[next + 1];
  if (month === 0 || !isYear(year)) return null;
  return dateOf(year?.value ?? 0, month, day.value ?? 0, next + 2);
}

function monthFirst(tokens: readonly Token[], at: number): QuantityAt | null {
  const month = tokens[at]?.kind === "word" ? monthOf(tokens[at].word) : 0;
  if (month === 0) return null;
  if (isYear(tokens[at + 1])) return dateOf(tokens[at + 1]?.value ?? 0, month, 1, at + 2);
  const day = tokens[at + 1];
  if (day?.kind !== "number" || !/^\d{1,2}$/.test(day.text)) return null;
  const isRank = /^(?:st|nd|rd|th)$/.test(tokens[at + 2]?.word ?? "");
  let next = isRank ? at + 3 : at + 2;
  if (tokens[next]?.text === ",") next += 1;
  const year = tokens[next];
  return isYear(year) ? dateOf(year?.value ?? 0, month, day.value ?? 0, next + 1) : null;
}

function isoDate(tokens: readonly Token[], at: number): QuantityAt | null {
  const [year, month, day] = tokens.slice(at, at + 3);
  if (!isYear(year) || month?.kind !== "number" || day?.kind !== "number") return null;
  const isJoined = month.from === (year?.to ?? 0) + 1 && day.from === month.to + 1;
  return isJoined && month.text.length === 2 && day.text.length === 2
    ? dateOf(year?.value ?? 0, month.value ?? 0, day.value ?? 0, at + 3)
    : null;
}
