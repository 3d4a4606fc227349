import {
  calendarDateWords,
  dateAt,
  writeFigure,
  writeMoney,
  writeRate,
  frequencyWords,
  durationWords,
  formatYears,
  type AnswerFormat,
  type Calendar,
  asWhole,
  USUAL_FORMAT,
} from "@kestrelmoor/core";
import type { Post, Sketch, Strand } from "./sketch-types";

/**
 * A time on the axis in words: "today", "after 6 years", "2 years ago".
 *
 * @param calendar where today has a date: then "on 20 September 2027"
 */
export function whenWords(
  years: number,
  format: AnswerFormat,
  calendar: Calendar | null = null,
): string {
  if (years === 0) return "today";
  const date = calendar === null ? null : dateAt(years, calendar);
  if (date !== null) return `on ${calendarDateWords(date)}`;
  if (years < 0) return `${whenWords(-years, format).replace("after ", "")} ago`;
  const months = asWhole(years * 12);
  return months === null
    ? `after ${formatYears(years, format)}`
    : `after ${monthsInWords(months, format)}`;
}

/** A time as somebody would type it: "today", "2 years 3 months", "9 months ago". */
export function yearsInWords(years: number, format: AnswerFormat): string {
  if (years === 0) return "today";
  if (years < 0) return `${yearsInWords(-years, format)} ago`;
  const months = asWhole(years * 12);
  return months === null ? formatYears(years, format, 6) : monthsInWords(months, format);
}

/** The same, as a date where today has one. */
export function timeTyped(years: number, calendar: Calendar | null): string {
  const date = calendar === null || years === 0 ? null : dateAt(years, calendar);
  return date === null ? yearsInWords(years, USUAL_FORMAT) : calendarDateWords(date);
}

function monthsInWords(months: number, format: AnswerFormat): string {
  const parts = [
    months >= 12 ? `${Math.floor(months / 12)}Y` : "",
    months % 12 === 0 ? "" : `${months % 12}M`,
  ];
  return durationWords(`P${parts.join("")}`, format);
}

/** One post as a sentence, for those who do not see the picture. */
export function postInWords(
  post: Post,
  format: AnswerFormat,
  calendar: Calendar | null = null,
): string {
  const size =
    post.amount === null
      ? post.unknown === "amount"
        ? "unknown amount"
        : "no amount yet"
      : `${writeMoney(post.amount, format)}${post.unknown === "amount" ? " (found)" : ""}`;
  const time =
    post.years === null
      ? post.unknown === "time"
        ? "at the unknown time"
        : "no time yet"
      : `${whenWords(post.years, format, calendar)}${post.unknown === "time" ? " (found)" : ""}`;
  return `Money ${post.direction}: ${size}, ${time}${post.label === "" ? "" : `, ${post.label}`}`;
}

/** Repeated payments as one sentence. */
export function strandInWords(strand: Strand, format: AnswerFormat): string {
  const { direction, label, count, every, first, step, unknown } = strand;
  const number =
    count === null
      ? "payments"
      : count === Number.POSITIVE_INFINITY
        ? "a perpetuity of payments"
        : `${writeFigure(count, format)} payments`;
  const found = unknown === null ? "" : unknown === "amount" ? " (the unknown)" : ", the unknown";
  const size = strand.sizeAt(0);
  const last = count === null || count === Number.POSITIVE_INFINITY ? null : count - 1;
  const end = last === null ? null : strand.sizeAt(last);
  const sizes =
    size === null
      ? "with no amount yet"
      : end === null || end === size
        ? `of ${writeMoney(size, format)}`
        : `from ${writeMoney(size, format)} to ${writeMoney(end, format)}`;
  const times =
    last === null
      ? `from ${fromWords(first, format)}`
      : `from ${fromWords(first, format)} to ${fromWords(first + step * last, format)}`;
  return `Money ${direction}: ${number} ${sizes}${found}, one every ${every === null ? "period" : frequencyWords(every).noun}, ${times}${label === "" ? "" : `, ${label}`}`;
}

function fromWords(years: number, format: AnswerFormat): string {
  return whenWords(years, format).replace("after ", "");
}

/** What stands in the gap of a long stream: "40 payments of 140.00". */
export function strandCaption({ count, sizeAt, unknown }: Strand, format: AnswerFormat): string {
  const first = sizeAt(0);
  if (count === Number.POSITIVE_INFINITY) return "and so on, for ever";
  if (count === null) return "and so on";
  const last = sizeAt(count - 1);
  const number = `${writeFigure(count, format)} payments`;
  if (first === null || last === null) return number;
  const lastFull = sizeAt(count - 2);
  if (unknown === "count" && count > 2 && lastFull !== last && lastFull === first) {
    return `${writeFigure(count - 1, format)} payments of ${writeMoney(first, format)} and a final payment of ${writeMoney(last, format)}`;
  }
  return Math.abs(first - last) < 0.005
    ? `${number} of ${writeMoney(first, format)}`
    : `${number}, from ${writeMoney(first, format)} to ${writeMoney(last, format)}`;
}

/** What the mark of an unknown of a stream says once it is found. */
export function strandMarkText({ unknown, found }: Strand, format: AnswerFormat): string {
  if (found === null) return "?";
  switch (unknown) {
    case "count":
      return `${writeFigure(found, format, 2)} payments`;
    case "growth":
      return writeRate(found, format);
    default:
      return formatYears(found, format);
  }
}

/** Everything on the timeline, in sentences. */
export function sketchInWords(
  { posts, strands }: Sketch,
  format: AnswerFormat,
  calendar: Calendar | null = null,
): { id: string; text: string }[] {
  return [
    ...strands.map((strand) => ({ id: strand.id, text: strandInWords(strand, format) })),
    ...posts.map((post) => ({ id: post.id, text: postInWords(post, format, calendar) })),
  ];
}
