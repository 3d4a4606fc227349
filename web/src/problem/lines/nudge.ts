import {
  calendarDateWords,
  frequencyOf,
  LIMITS,
  paymentDate,
  USUAL_FORMAT,
} from "@kestrelmoor/core";
import type { DraftTextReading } from "@kestrelmoor/core/typing";
import { dateOfReading } from "../timeline/date-of-reading";
import { countInWords } from "../timeline/moves";
import { nudged } from "../timeline/time-scale";
import { yearsInWords } from "../timeline/timeline-words";

/** A key that moves a time on the axis: one step later or earlier, a month or a year at once. */
export interface Nudge {
  readonly by: 1 | -1;
  readonly isYear: boolean;
}

/**
 * A typed time moved on, or a number of payments with one more or less, or with those of a year.
 *
 * @param every how often money is paid on the line, ISO 8601
 * @returns `null` for what waits, is unknown, cannot be read or is neither
 */
export function nudgedText(
  {
    unit,
    numbers: [figure],
    reading,
  }: Pick<DraftTextReading, "unit" | "numbers"> & Partial<Pick<DraftTextReading, "reading">>,
  typed: string,
  every: string | null,
  { by, isYear }: Nudge,
): string | null {
  if (figure === undefined) return null;
  if (unit === "years") {
    const date = reading === undefined ? null : nudgedDate(reading, by, isYear);
    // What lies before today already may go further back.
    const first = figure < 0 ? -LIMITS.years : 0;
    return date ?? yearsInWords(nudged(figure, isYear ? 1 : 1 / 12, by, first), USUAL_FORMAT);
  }
  if (unit !== "payments" || every === null) return null;
  const aYear = frequencyOf(every);
  const step = isYear ? Math.max(1, Math.round(aYear)) : 1;
  return countInWords(Math.round(figure) + by * step, 1 / aYear, typed);
}

/** A date moved by a month or a year stays a date; `null` where it was none. */
function nudgedDate(
  reading: DraftTextReading["reading"],
  by: 1 | -1,
  isYear: boolean,
): string | null {
  const date = dateOfReading(reading);
  const moved = date === null ? null : paymentDate(date, isYear ? "P1Y" : "P1M", by);
  return moved === null ? null : calendarDateWords(moved);
}
