import { readMoney } from "./read-money";
import { readTime } from "./read-time";

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
const PERCENT = /(\d+(?:\.\d+)?)\s?(?:%|per ?cent)/gi;
const MONEY =
  /\p{Sc}?\s?(\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?)(?![\d,.]*\d|\s?%|\s?per ?cent)/giu;

/**
 * Where in a question's text the figures stand that the problem already uses, so that a reader sees
 * what is still left out. Spans are in order and do not overlap.
 */
export function findInQuestion(question: string, used: UsedFigures): TextSpan[] {
  const times = matches(question, TIME, (text) => {
    const read = readTime(text.replace("-", " "));
    return read.ok && used.years.some((years) => Math.abs(years - read.value.years) < 1e-9);
  });
  const percents = matches(question, PERCENT, (_, figure) =>
    used.percents.includes(Number(figure)),
  );
  const amounts = matches(question, MONEY, (_, figure) => {
    const read = readMoney(figure);
    return read.ok && used.amounts.includes(read.value);
  });
  const taken: TextSpan[] = [];
  for (const span of [...times, ...percents, ...amounts]) {
    if (!taken.some(({ start, end }) => span.start < end && start < span.end)) taken.push(span);
  }
  return taken.sort((one, other) => one.start - other.start);
}

function matches(
  question: string,
  pattern: RegExp,
  isUsed: (text: string, figure: string) => boolean,
): TextSpan[] {
  return [...question.matchAll(pattern)]
    .filter(([text, figure]) => isUsed(text, figure ?? ""))
    .map(({ index, 0: text }) => ({ start: index, end: index + text.length }));
}
