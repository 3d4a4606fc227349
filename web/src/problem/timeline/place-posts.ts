import type { AnswerFormat, Direction } from "@kestrelmoor/core";
import { LABEL_HEIGHT, LOZENGE_HEIGHT, type Box, type Frame } from "./box";
import { placeLabel, type PlacedLabel } from "./place-label";
import type { Post } from "./sketch-types";

const POST = { width: 13, small: 6, gap: 4 } as const;

export interface PlacedPost extends Box {
  readonly post: Post;
  /** The amount beside it; `null` where there is no room, and hovering tells. */
  readonly label: PlacedLabel | null;
}

/** Stands each amount on the axis or hangs it from there, and puts its words beside it. */
export function placePosts(
  posts: readonly Post[],
  xOf: (years: number) => number,
  frame: Frame,
  scale: Scale,
  format: AnswerFormat,
): PlacedPost[] {
  const { right, axisY, isSmall } = frame;
  const usual = isSmall ? POST.small : POST.width;
  const taken = new Map<string, number>();
  // Of several on one date an amount by itself stands at it, and a payment beside it.
  const inOrder = [...posts].sort(
    (one, other) => dateOf(one) - dateOf(other) || rankOf(one) - rankOf(other),
  );
  const placed = inOrder.map((post) => {
    const base = post.years === null ? right : xOf(post.years);
    const width = Math.min(usual, post.thickness ?? usual);
    const place = `${post.direction}:${Math.round(base)}`;
    const beside = taken.get(place) ?? 0;
    taken.set(place, beside + 1);
    // To the right of the date, as far as the picture goes.
    const hasRoom = base + (width + POST.gap) * beside <= right + (isSmall ? 6 : 40);
    const step = (width + POST.gap) * beside * (hasRoom ? 1 : -1);
    const height = heightOf(post.amount, scale);
    const y = post.direction === "in" ? axisY - height : axisY;
    return { post, box: { x: base - width / 2 + step, y, width, height } };
  });
  if (isSmall) return placed.map(({ post, box }) => ({ post, ...box, label: null }));
  // Words keep clear of every post on their side; the unknown chooses its place first.
  const occupied = {
    in: placed.filter(({ post }) => post.direction === "in").map(({ box }) => box),
    out: placed.filter(({ post }) => post.direction === "out").map(({ box }) => box),
  };
  const labels = new Map<Post, PlacedLabel | null>();
  const unknownFirst = [...placed].sort(
    (one, other) => Number(other.post.unknown === "amount") - Number(one.post.unknown === "amount"),
  );
  for (const { post, box } of unknownFirst) {
    labels.set(post, post.isQuiet === true ? null : placeLabel(post, box, frame, occupied, format));
  }
  return placed.map(({ post, box }) => ({ post, ...box, label: labels.get(post) ?? null }));
}

/** Sums of periods and years typed differ in their last digits. */
function dateOf({ years }: Post): number {
  return years === null ? Number.MAX_VALUE : Math.round(years * 1e6);
}

function rankOf({ moves }: Post): number {
  return moves === undefined ? 0 : 1;
}

const LEAST_SHARE = 0.1;
/** Below 1 it lifts small amounts, so that they still show how they grow beside a large one. */
const BEND = 0.65;

/** How tall an amount is drawn: also the smallest can be seen and clicked. */
export function heightOf(amount: number | null, { largest, reach }: Scale): number {
  return Math.round(reach * shareOf(amount, largest));
}

function shareOf(amount: number | null, largest: number): number {
  if (amount === null || largest === 0) return 0.6;
  return LEAST_SHARE + (1 - LEAST_SHARE) * (amount / largest) ** BEND;
}

/** Where the axis stands, and how tall the largest amount is drawn: one scale serves both sides. */
export interface Scale {
  readonly axisY: number;
  readonly reach: number;
  readonly largest: number;
}

/** The least that the side of a worth takes, which has a mark and no post. */
const WORTH_SHARE = 0.5;
const LEAST_REACH = 14;

/** Gives each side the room that its largest amount and its words take, and both the same scale. */
export function scaleFor(
  posts: readonly Post[],
  hasWorth: boolean,
  { top, bottom, isSmall }: Pick<Frame, "top" | "bottom" | "isSmall">,
): Scale {
  const largest = Math.max(0, ...posts.map(({ amount }) => amount ?? 0));
  const tallest = (direction: Direction) =>
    Math.max(
      direction === "in" && hasWorth ? WORTH_SHARE : 0,
      ...posts
        .filter((post) => post.direction === direction)
        .map(({ amount }) => shareOf(amount, largest)),
    );
  const room = (direction: Direction) => (isSmall ? 0 : labelRoom(posts, direction));
  const [up, down] = [tallest("in"), tallest("out")];
  const height = bottom - top;
  if (up === 0 || down === 0) {
    // With the larger part for the only way that money goes.
    const axisY = Math.round(top + height * (up > 0 ? 0.8 : 0.34));
    const own = up > 0 ? axisY - top - room("in") : bottom - axisY - room("out");
    return { axisY, largest, reach: Math.max(LEAST_REACH, own) };
  }
  const reach = Math.max(LEAST_REACH, (height - room("in") - room("out")) / (up + down));
  return { axisY: Math.round(top + room("in") + reach * up), largest, reach };
}

function labelRoom(posts: readonly Post[], direction: Direction): number {
  const hasLozenge = posts.some(
    (post) => post.direction === direction && post.unknown === "amount",
  );
  return (hasLozenge ? LOZENGE_HEIGHT : LABEL_HEIGHT) + 4;
}
