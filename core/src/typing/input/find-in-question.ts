import { GROUP } from "./plain-number";
import { readMoney } from "./read-money";
import { readTime } from "./read-time";
import { isSameTime } from "../../engine/numbers/compare";

/** A stretch of a question's text, from one character up to another. */
export interface TextSpan {
  readonly start: number;
  readonly end: number;
}

/** The figures that a problem uses, to be found again in the words it came from. */
export interface UsedFigures {
  readonly amounts: readonly number[];
  readonly percents: readonly number[];
  readonly years: readonly number[];
}

const TIME =
  /\b(?:\d+(?:\.\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)[ -](?:(?:half-)?years?|quarters?|months?|fortnights?|weeks?|days?)(?:(?: and | |, )\d+ (?:months?|weeks?|days?))?/gi;
const PERCENT = /(\d+(?:[.,]\d+)?)\s?(?:%|per ?cent)/gi;
/** "4,500", "4 500", "4'500", "12,50,000". */
const GROUPED = String.raw`\d{1,3}(?:${GROUP}\d{2,3})*${GROUP}\d{3}`;
const MONEY = new RegExp(
  String.raw`(?:\p{Sc}\s?)?((?:${GROUPED}|\d+)(?:\.\d+)?)(?![\d,.]*\d|\s?%|\s?per ?cent)`,
  "giu",
);

/**
 * Where in a question's text the figures stand that the problem already uses, so that a reader sees
 * what is still left out. Spans are in order and do not overlap.
 */
export function findInQuestion(question: string, used: UsedFigures): TextSpan[] {
  const times = matches(question, TIME);
  const percents = matches(question, PERCENT);
  const isUsedTime = ({ text }: Match) => {
    const read = readTime(text.replace("-", " "));
    return read.ok && used.years.some((years) => isSameTime(years, read.value.years));
  };
  const isUsedAmount = ({ figure }: Match) => {
    const read = readMoney(figure);
    return read.ok && used.amounts.includes(read.value);
  };
  // A figure inside a time or a percentage is no amount, whether that is used or not.
  const amounts = matches(question, MONEY).filter(
    (match) => ![...times, ...percents].some((other) => overlap(match, other)),
  );
  return [
    ...times.filter(isUsedTime),
    ...percents.filter(({ figure }) => used.percents.includes(Number(figure.replace(",", ".")))),
    ...amounts.filter(isUsedAmount),
  ]
    .map(({ start, end }) => ({ start, end }))
    .sort((one, other) => one.start - other.start);
}

interface Match extends TextSpan {
  readonly text: string;
  readonly figure: string;
}

function matches(question: string, pattern: RegExp): Match[] {
  return [...question.matchAll(pattern)].map(({ index, 0: text, 1: figure = "" }) => ({
    start: index,
    end: index + text.length,
    text,
    figure,
  }));
}

function overlap(one: TextSpan, other: TextSpan): boolean {
  return one.start < other.end && other.start < one.end;
}
