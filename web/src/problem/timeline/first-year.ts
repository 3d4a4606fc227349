import { isUpTo } from "@kestrelmoor/core";
import type { Sketch } from "./sketch-types";

/** A part of a story is worth a button where the story is longer than this. */
const LONG_STORY = 1.5;

export function hasLaterYears(span: number): boolean {
  return span > LONG_STORY;
}

/** What of a story happens in its first year. */
export function firstYearOf({ posts, strands, ribbons, worth }: Sketch): Sketch {
  const isIn = (years: number | null) => years !== null && isUpTo(years, 1);
  return {
    posts: posts.filter(({ years }) => isIn(years)),
    strands: strands.filter(({ first }) => isIn(first)),
    ribbons: ribbons.filter(({ start }) => start < 1),
    worth: worth !== null && isIn(worth.years) ? worth : null,
  };
}
