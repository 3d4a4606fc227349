import type { AnswerFormat, Calendar } from "@kestrelmoor/core";
import { labelWidth, type Box } from "./box";
import { placeMarks, type PlacedMark } from "./place-marks";
import { placeBand, type PlacedBand } from "./place-bands";
import { placePosts, scaleFor, type PlacedPost } from "./place-posts";
import { strandOnAxis } from "./place-strands";
import type { Sketch, Strand } from "./sketch-types";
import { ticksFor } from "./axis-ticks";
import { xOfYears } from "./time-scale";

export interface PlacedTick {
  readonly x: number;
  readonly text: string;
}

export interface PlacedRibbon extends Box {
  readonly id: string;
  readonly text: string;
  readonly isUnknown: boolean;
}

/** The timeline in pixels. */
export interface Layout {
  readonly width: number;
  readonly height: number;
  readonly axisY: number;
  /** The years at its left end, and at its right one. */
  readonly start: number;
  readonly span: number;
  readonly left: number;
  readonly right: number;
  readonly tickY: number;
  readonly posts: readonly PlacedPost[];
  readonly bands: readonly PlacedBand[];
  readonly ticks: readonly PlacedTick[];
  readonly ribbons: readonly PlacedRibbon[];
  /** The lozenge of an unknown time, on the axis, and of a worth, above it. */
  readonly marks: readonly PlacedMark[];
}

export interface Measures {
  readonly width: number;
  readonly height: number;
  /** Pictures on cards leave the words out. */
  readonly isSmall: boolean;
}

/** Lays a sketch out so that no two words cross. */
export function layOut(
  sketch: Sketch,
  { width, height, isSmall }: Measures,
  format: AnswerFormat,
  span = spanOf(sketch),
  calendar: Calendar | null = null,
): Layout {
  const start = startOf(sketch);
  const left = isSmall ? 10 : 64;
  const right = width - (isSmall ? 10 : 56);
  const axis = { start, span, left, right };
  const place = (years: number) => xOfYears(axis, years);
  const xOf = (years: number) => place(Math.min(years, span));
  const bandHeight = isSmall ? 12 : 30;
  const ribbonY = height - bandHeight - (isSmall ? 4 : 12);
  const tickY = ribbonY - 10;
  const bottom = isSmall ? ribbonY - 4 : tickY - 18;
  const top = isSmall ? 4 : 10;
  const room = { left, right, top, bottom, isSmall };
  const strands = sketch.strands.map((strand) => strandOnAxis(strand, axis, isSmall));
  const posts = [...sketch.posts, ...strands.flatMap((strand) => strand.posts)];
  const scale = scaleFor(posts, sketch.worth !== null, room);
  const { axisY } = scale;
  const frame = { ...room, axisY };
  const placed = placePosts(posts, xOf, frame, scale, format);
  const words = placed.flatMap(({ label }) => (label === null ? [] : [label]));
  return {
    width,
    height,
    axisY,
    start,
    span,
    left,
    right,
    tickY,
    posts: placed,
    bands: strands.flatMap((strand) => {
      const others = placed.filter(({ post }) => post.line !== strand.strand.id);
      return placeBand(strand, place, frame, scale, [...words, ...others], format) ?? [];
    }),
    ticks: isSmall
      ? []
      : ticksFor(axis, format, calendar).map(({ years, text }) => ({ x: xOf(years), text })),
    ribbons: sketch.ribbons.map((ribbon, index) => {
      // The first rate also held before today.
      const x = xOf(index === 0 ? start : ribbon.start);
      const end = sketch.ribbons[index + 1]?.start ?? span;
      const room = xOf(end) - x - 2 * RIBBON_PADDING;
      return {
        id: ribbon.id,
        text: ribbon.short === "" || labelWidth(ribbon.text) <= room ? ribbon.text : ribbon.short,
        isUnknown: ribbon.isUnknown,
        x,
        y: ribbonY,
        width: Math.max(4, xOf(end) - x - (index < sketch.ribbons.length - 1 ? 3 : 0)),
        height: bandHeight,
      };
    }),
    marks: placeMarks(sketch, xOf, frame, format),
  };
}

const RIBBON_PADDING = 6;

/** Payments of an endless stream that the axis covers when nothing else says how far it goes. */
const ENDLESS_SHOWN = 12;

/** Where the axis starts: today, or with what happens before. */
export function startOf({ posts, strands, worth }: Sketch): number {
  return Math.min(
    0,
    ...posts.map(({ years }) => years ?? 0),
    ...strands.map(({ first }) => first),
    worth?.years ?? 0,
  );
}

/** The years at the right end of the axis: a little beyond what happens last. */
export function spanOf({ posts, strands, ribbons, worth }: Sketch): number {
  const known = [...posts.map(({ years }) => years ?? 0), worth?.years ?? 0];
  const latest = Math.max(0, ...known, ...strands.map(endOf));
  const start = Math.max(0, ...ribbons.map((ribbon) => ribbon.start));
  const isOpen = posts.some(({ years }) => years === null);
  const end = Math.max(
    latest * (isOpen ? 1.25 : 1),
    start > 0 && start >= latest ? start * 1.4 : 0,
  );
  if (end > 0) return end;
  // With nothing ahead, today itself is the end of what is past.
  return startOf({ posts, strands, ribbons, worth }) < 0 ? 0 : 1;
}

function endOf({ first, step, count }: Strand): number {
  const isOpen = count === null || count === Number.POSITIVE_INFINITY;
  return first + step * ((isOpen ? ENDLESS_SHOWN : count) - 1);
}
