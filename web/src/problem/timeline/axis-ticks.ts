import {
  calendarDateWords,
  formatYears,
  paymentDate,
  type AnswerFormat,
  type Calendar,
  yearsOfMoment,
} from "@kestrelmoor/core";
import { timeStep, timeTicks } from "../../charts/time-steps";
import type { TimeScale } from "./time-scale";

interface Tick {
  readonly years: number;
  readonly text: string;
}

/**
 * Marks for the axis, to both sides of today, about one every 110 pixels at the most.
 *
 * @param calendar where today has a date: the marks then have theirs
 */
export function ticksFor(
  { start, span, left, right }: TimeScale,
  format: AnswerFormat,
  calendar: Calendar | null = null,
): Tick[] {
  const most = Math.max(2, Math.floor((right - left) / 110));
  const step = timeStep(span - start, most);
  const ahead = timeTicks(span, span / step);
  const past = start < 0 ? timeTicks(-start, -start / step).filter((years) => years > 0) : [];
  const times = [...past.map((years) => -years).reverse(), ...ahead];
  return times.map((years) => {
    if (years === 0) return { years, text: "today" };
    const date = calendar === null ? null : dateOfTick(years, calendar);
    return date ?? { years, text: tickText(years, step, format) };
  });
}

/** The same day of another month. */
function dateOfTick(years: number, calendar: Calendar): Tick | null {
  const date = paymentDate(calendar.today, "P1M", Math.round(years * 12));
  if (date === null) return null;
  const [day, month = "", year] = calendarDateWords(date).split(" ");
  return {
    years: yearsOfMoment(date, calendar),
    text: `${day} ${month.slice(0, SHORT_MONTH)} ${year}`,
  };
}

const SHORT_MONTH = 3;

function tickText(years: number, step: number, format: AnswerFormat): string {
  if (years < 0) {
    const words = tickText(-years, step, format);
    return words === "" ? "" : `${words} ago`;
  }
  const months = Math.round(years * 12);
  if (step >= 1 || months % 12 === 0) return formatYears(years, format, 0);
  // Between whole years a mark is enough; the first year is told in months.
  return months < 12 ? `${months} month${months === 1 ? "" : "s"}` : "";
}
