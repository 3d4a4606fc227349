import { USUAL_FORMAT } from "@kestrelmoor/core";
import { frequencyOf } from "@kestrelmoor/core";
import type { FieldReading, SaidTime } from "@kestrelmoor/core/typing";
import { countInWords } from "../timeline/moves";
import { yearsTyped } from "../timeline/sketch-types";
import { nudged } from "../timeline/time-scale";
import { yearsInWords } from "../timeline/timeline-words";

/** A key that moves a time on the axis: one step later or earlier, a month or a year at once. */
export interface Nudge {
  readonly by: 1 | -1;
  readonly isYear: boolean;
}

/** A typed time moved on; `null` for one that waits, is unknown or cannot be read. */
export function nudgedTime(
  reading: FieldReading<SaidTime>,
  { by, isYear }: Nudge,
  step = 1 / 12,
): string | null {
  const years = yearsTyped(reading);
  return years === null ? null : yearsInWords(nudged(years, isYear ? 1 : step, by), USUAL_FORMAT);
}

/** A number of payments with one more or less, or with those of a year. */
export function nudgedCount(
  count: FieldReading<number | "forever">,
  every: FieldReading<string>,
  typed: string,
  { by, isYear }: Nudge,
): string | null {
  if (count.state !== "value" || count.value === "forever" || every.state !== "value") return null;
  const aYear = frequencyOf(every.value);
  const step = isYear ? Math.max(1, Math.round(aYear)) : 1;
  return countInWords(Math.round(count.value) + by * step, 1 / aYear, typed);
}
