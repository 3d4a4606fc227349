import { formatYears, type AnswerFormat } from "@kestrelmoor/core";
import { timeStep, timeTicks } from "../../charts/time-steps";

interface Tick {
  readonly years: number;
  readonly text: string;
}

/** Marks for the axis, from today, about one every 110 pixels at the most. */
export function ticksFor(span: number, width: number, format: AnswerFormat): Tick[] {
  const most = Math.max(2, Math.floor(width / 110));
  const step = timeStep(span, most);
  return timeTicks(span, most).map((years) => ({
    years,
    text: years === 0 ? "today" : tickText(years, step, format),
  }));
}

function tickText(years: number, step: number, format: AnswerFormat): string {
  const months = Math.round(years * 12);
  if (step >= 1 || months % 12 === 0) return formatYears(years, format, 0);
  // Between whole years a mark is enough; the first year is told in months.
  return months < 12 ? `${months} month${months === 1 ? "" : "s"}` : "";
}
