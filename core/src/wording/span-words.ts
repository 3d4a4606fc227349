import { parseDuration, type Duration } from "../engine/time/duration";
import type { AnswerFormat } from "./answer-format";
import { momentWords } from "./format-time";

const UNITS = ["years", "months", "weeks", "days"] as const;

/** A span between two ISO 8601 durations in words: "in year 3", "in years 2 to 4", "from 1 year 6 months to 2 years". */
export function overWords(from: string, to: string, format: AnswerFormat): string {
  const words = (text: string) => momentWords(text, format);
  return numberedSpan(from, to) ?? `from ${words(from)} to ${words(to)}`;
}

/** "in year 3", if the span is made of whole years, months, weeks or days. */
function numberedSpan(from: string, to: string): string | null {
  const [start, end] = [parseDuration(from), parseDuration(to)];
  if (start === null || end === null) return null;
  const unit = UNITS.find((candidate) => isWhole(start, candidate) && isWhole(end, candidate));
  if (unit === undefined || end[unit] <= start[unit]) return null;
  const [first, last] = [start[unit] + 1, end[unit]];
  return first === last ? `in ${unit.slice(0, -1)} ${first}` : `in ${unit} ${first} to ${last}`;
}

function isWhole(duration: Duration, unit: (typeof UNITS)[number]): boolean {
  return (
    Number.isInteger(duration[unit]) &&
    UNITS.every((other) => other === unit || duration[other] === 0)
  );
}
