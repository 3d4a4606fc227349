import {
  formatFigure,
  formatMoney,
  formatPercent,
  frequencyWords,
  durationWords,
  formatYears,
} from "@kestrelmoor/core";
import type { Post, Sketch, Strand } from "./sketch-types";

/** A time on the axis in words: "today", "after 6 years". */
export function whenWords(years: number): string {
  if (years === 0) return "today";
  const months = years * 12;
  return Math.abs(months - Math.round(months)) < 1e-9
    ? `after ${monthsInWords(Math.round(months))}`
    : `after ${formatYears(years)}`;
}

/** A time as somebody would type it: "today", "2 years 3 months". */
export function yearsInWords(years: number): string {
  if (years === 0) return "today";
  const months = years * 12;
  return Math.abs(months - Math.round(months)) < 1e-9
    ? monthsInWords(Math.round(months))
    : formatYears(years, 6);
}

function monthsInWords(months: number): string {
  const parts = [
    months >= 12 ? `${Math.floor(months / 12)}Y` : "",
    months % 12 === 0 ? "" : `${months % 12}M`,
  ];
  return durationWords(`P${parts.join("")}`);
}

/** One post as a sentence, for those who do not see the picture. */
export function postInWords(post: Post): string {
  const size =
    post.amount === null
      ? post.unknown === "amount"
        ? "unknown amount"
        : "no amount yet"
      : `${formatMoney(post.amount)}${post.unknown === "amount" ? " (found)" : ""}`;
  const time =
    post.years === null
      ? post.unknown === "time"
        ? "at the unknown time"
        : "no time yet"
      : `${whenWords(post.years)}${post.unknown === "time" ? " (found)" : ""}`;
  return `Money ${post.direction}: ${size}, ${time}${post.label === "" ? "" : `, ${post.label}`}`;
}

/** Repeated payments as one sentence. */
export function strandInWords(strand: Strand): string {
  const { direction, label, count, every, first, step, unknown } = strand;
  const number =
    count === null
      ? "payments"
      : count === Number.POSITIVE_INFINITY
        ? "a perpetuity of payments"
        : `${formatFigure(count)} payments`;
  const found = unknown === null ? "" : unknown === "amount" ? " (the unknown)" : ", the unknown";
  const size = strand.sizeAt(0);
  const last = count === null || count === Number.POSITIVE_INFINITY ? null : count - 1;
  const end = last === null ? null : strand.sizeAt(last);
  const sizes =
    size === null
      ? "with no amount yet"
      : end === null || end === size
        ? `of ${formatMoney(size)}`
        : `from ${formatMoney(size)} to ${formatMoney(end)}`;
  const times =
    last === null
      ? `from ${fromWords(first)}`
      : `from ${fromWords(first)} to ${fromWords(first + step * last)}`;
  return `Money ${direction}: ${number} ${sizes}${found}, one every ${every === null ? "period" : frequencyWords(every).noun}, ${times}${label === "" ? "" : `, ${label}`}`;
}

function fromWords(years: number): string {
  return whenWords(years).replace("after ", "");
}

/** What stands in the gap of a long stream: "40 payments of 140.00". */
export function strandCaption({ count, sizeAt, unknown }: Strand): string {
  const first = sizeAt(0);
  if (count === Number.POSITIVE_INFINITY) return "and so on, for ever";
  if (count === null) return "and so on";
  const last = sizeAt(count - 1);
  const number = `${formatFigure(count)} payments`;
  if (first === null || last === null) return number;
  const lastFull = sizeAt(count - 2);
  if (unknown === "count" && count > 2 && lastFull !== last && lastFull === first) {
    return `${formatFigure(count - 1)} payments of ${formatMoney(first)} and a final payment of ${formatMoney(last)}`;
  }
  return Math.abs(first - last) < 0.005
    ? `${number} of ${formatMoney(first)}`
    : `${number}, from ${formatMoney(first)} to ${formatMoney(last)}`;
}

/** What the mark of an unknown of a stream says once it is found. */
export function strandMarkText({ unknown, found }: Strand): string {
  if (found === null) return "?";
  switch (unknown) {
    case "count":
      return `${formatFigure(found, 2)} payments`;
    case "growth":
      return formatPercent(found);
    default:
      return formatYears(found);
  }
}

/** Everything on the timeline, in sentences. */
export function sketchInWords({ posts, strands }: Sketch): { id: string; text: string }[] {
  return [
    ...strands.map((strand) => ({ id: strand.id, text: strandInWords(strand) })),
    ...posts.map((post) => ({ id: post.id, text: postInWords(post) })),
  ];
}
