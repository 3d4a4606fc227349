import type { DayCount } from "../engine/time/day-count";

const WORDS: Readonly<Record<DayCount, string>> = {
  "actual/365": "the actual days over 365",
  "actual/360": "the actual days over 360",
  "30/360": "30 days a month over 360",
  "actual/actual": "the actual days over those of each year",
};

/** How days are counted, to follow "counted": "the actual days over 365". */
export function dayCountWords(dayCount: DayCount): string {
  return WORDS[dayCount];
}
