import type { Names } from "../../input/names";
import { readPosition } from "../../input/read-position";
import { withDigits } from "../../../engine/numbers/with-digits";
import { daysOfYear } from "../../../engine/time/day-count";
import { DAYS_PER_YEAR } from "../../../engine/time/duration";
import { yearsOfMoment } from "../../../engine/time/moment";
import type { Position } from "../../../engine/problem/schema";
import { endWords } from "../../../wording/end-words";
import { momentWords } from "../../../wording/format-time";
import { USUAL_FORMAT } from "../../../wording/answer-format";

/** A time as somebody would have typed it; `?` for the unknown. */
export function writePosition(position: Position, names: Names): string {
  if (position === null) return "?";
  if (typeof position !== "string") return `when ${endWords(names.nameOf(position.endOf))}`;
  const words = momentWords(position, USUAL_FORMAT);
  return [words, inDays(position, names)].find((text) => saysIt(text, position, names)) ?? position;
}

/** Whole days of a year of 360: "100 days". */
function inDays(moment: string, { calendar, dayCount }: Names): string {
  const years = yearsOfMoment(moment, calendar);
  const days = withDigits(Math.abs(years) * (daysOfYear(dayCount) ?? DAYS_PER_YEAR), 12);
  return `${days} days${years < 0 ? " ago" : ""}`;
}

function saysIt(text: string, moment: string, names: Names): boolean {
  const read = readPosition(text, names);
  if (!read.ok || "endOf" in read.value) return false;
  return read.value.moment === moment || read.value.years === yearsOfMoment(moment, names.calendar);
}
