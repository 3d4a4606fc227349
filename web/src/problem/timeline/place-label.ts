import { writeMoney, type AnswerFormat, type Direction } from "@kestrelmoor/core";
import {
  cross,
  LABEL_HEIGHT,
  labelWidth,
  LOZENGE_HEIGHT,
  lozengeWidth,
  type Box,
  type Frame,
} from "./box";
import type { Post } from "./sketch-types";

/** How far words may move away from their post before they are left out. */
const MOST_LEVELS = 3;

/** The words beside a post. */
export interface PlacedLabel extends Box {
  readonly text: string;
  readonly isLozenge: boolean;
}

/** The words of a post: its amount, the "?" of the unknown, or a dash for what is not given yet. */
function labelText(post: Post, format: AnswerFormat): string {
  if (post.amount !== null) return writeMoney(post.amount, format);
  return post.unknown === "amount" ? "?" : "–";
}

/** Finds a place for the words of a post, clear of everything that is there already, and takes it. */
export function placeLabel(
  post: Post,
  box: Box,
  { left, right, top, bottom }: Frame,
  occupied: Record<Direction, Box[]>,
  format: AnswerFormat,
): PlacedLabel | null {
  const text = labelText(post, format);
  const isLozenge = post.unknown === "amount";
  const height = isLozenge ? LOZENGE_HEIGHT : LABEL_HEIGHT;
  const width = isLozenge ? lozengeWidth(text) : labelWidth(text);
  const middle = box.x + box.width / 2;
  // To the right of the words that name the two sides.
  const x = Math.max(left - 22, Math.min(middle - width / 2, right + 52 - width));
  const isIn = post.direction === "in";
  for (let level = 0; level <= MOST_LEVELS; level += 1) {
    const shift = level * (LABEL_HEIGHT - 1);
    const y = isIn ? box.y - height - 3 - shift : box.y + box.height + 3 + shift;
    const candidate = { x, y, width, height };
    const fits = y >= top - 12 && y + height <= bottom + 12;
    if (
      fits &&
      !occupied[post.direction].some((other) => other !== box && cross(candidate, other))
    ) {
      occupied[post.direction].push(candidate);
      return { ...candidate, text, isLozenge };
    }
  }
  return null;
}
