import { formatYears, type AnswerFormat, wholeUpTo } from "@kestrelmoor/core";

interface Tick {
  readonly years: number;
  readonly text: string;
}

/** Steps that people count in: months up to a year, then years by 1, 2, 5, 10 … */
const STEPS = [1 / 12, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50, 100, 200, 500];

/** Marks for the axis, from today, about one every 110 pixels at the most. */
export function ticksFor(span: number, width: number, format: AnswerFormat): Tick[] {
  const most = Math.max(2, Math.floor(width / 110));
  const step = STEPS.find((candidate) => span / candidate <= most) ?? span;
  const count = wholeUpTo(span / step);
  return Array.from({ length: count + 1 }, (_, index) => ({
    years: index * step,
    text: index === 0 ? "today" : tickText(index * step, step, format),
  }));
}

function tickText(years: number, step: number, format: AnswerFormat): string {
  const months = Math.round(years * 12);
  if (step >= 1 || months % 12 === 0) return formatYears(years, format, 0);
  // Between whole years a mark is enough; the first year is told in months.
  return months < 12 ? `${months} month${months === 1 ? "" : "s"}` : "";
}
