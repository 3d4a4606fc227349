import { writeMoney, formatYears, type AnswerFormat } from "@kestrelmoor/core";
import { LOZENGE_HEIGHT, lozengeWidth, type Box, type Frame } from "./box";
import type { Sketch } from "./sketch-types";
import { strandMarkText } from "./timeline-words";

export interface PlacedMark extends Box {
  readonly text: string;
  /** Where its line stands on the axis. */
  readonly at: number;
}

/** The lozenges that belong to a date and not to a post: an unknown time, and a worth. */
export function placeMarks(
  sketch: Sketch,
  xOf: (years: number) => number,
  frame: Frame,
  format: AnswerFormat,
): PlacedMark[] {
  const { left, right, top, axisY, isSmall } = frame;
  const place = (at: number, y: number, text: string): PlacedMark => {
    if (isSmall)
      return {
        at,
        x: at - 5,
        y: Math.min(Math.max(y, top), axisY + 4),
        width: 10,
        height: 10,
        text: "",
      };
    const width = lozengeWidth(text);
    const x = Math.max(left - 50, Math.min(at - width / 2, right + 50 - width));
    return { at, x, y, width, height: LOZENGE_HEIGHT, text };
  };
  const times = sketch.posts
    .filter(({ unknown }) => unknown === "time")
    .map(({ years, direction }) =>
      place(
        years === null ? right : xOf(years),
        // On the free side of the axis, opposite to the post.
        direction === "in" ? axisY + 7 : axisY - 7 - LOZENGE_HEIGHT,
        years === null ? "?" : formatYears(years, format),
      ),
    );
  const ofStrands = sketch.strands.flatMap((strand) => {
    const { unknown, begins, first, step, count, direction } = strand;
    if (unknown === null || unknown === "amount") return [];
    const isOpen = count === null || count === Number.POSITIVE_INFINITY;
    const end = isOpen ? right : xOf(first + step * (count - 1));
    const at =
      unknown === "count" ? end : unknown === "begins" ? xOf(begins) : (xOf(first) + end) / 2;
    const y = direction === "in" ? axisY + 7 : axisY - 7 - LOZENGE_HEIGHT;
    return [place(at, y, strandMarkText(strand, format))];
  });
  const { worth } = sketch;
  const marks = [...times, ...ofStrands];
  if (worth === null) return marks;
  const text = worth.value === null ? "?" : writeMoney(worth.value, format);
  return [...marks, place(xOf(worth.years), top, text)];
}
