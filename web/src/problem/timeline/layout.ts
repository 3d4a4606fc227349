import { formatMoney, formatYears } from "@kestrelmoor/core";
import type { Post, Sketch } from "./sketch";

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface PlacedPost extends Box {
  readonly post: Post;
  /** The amount beside it; `null` where there is no room, and hovering tells. */
  readonly label: (Box & { readonly text: string; readonly isLozenge: boolean }) | null;
}

export interface PlacedTick {
  readonly x: number;
  readonly text: string;
}

export interface PlacedRibbon extends Box {
  readonly id: string;
  readonly text: string;
  readonly isUnknown: boolean;
}

export interface PlacedMark extends Box {
  readonly text: string;
  /** Where its line stands on the axis. */
  readonly at: number;
}

/** The timeline in pixels. */
export interface Layout {
  readonly width: number;
  readonly height: number;
  readonly axisY: number;
  readonly left: number;
  readonly right: number;
  readonly tickY: number;
  readonly posts: readonly PlacedPost[];
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

const POST = { width: 13, small: 6, gap: 4 } as const;
const LABEL_HEIGHT = 21;
const LOZENGE_HEIGHT = 30;
const MOST_LEVELS = 3;
const CHARACTER = 8.1;
const LOZENGE_CHARACTER = 9.2;

/** Lays a sketch out so that no two words cross. */
export function layOut(sketch: Sketch, { width, height, isSmall }: Measures): Layout {
  const left = isSmall ? 10 : 64;
  const right = width - (isSmall ? 10 : 56);
  const span = spanOf(sketch);
  const xOf = (years: number) => left + (Math.min(years, span) / span) * (right - left);
  const bandHeight = isSmall ? 12 : 30;
  const ribbonY = height - bandHeight - (isSmall ? 4 : 12);
  const tickY = ribbonY - 10;
  const bottom = isSmall ? ribbonY - 4 : tickY - 18;
  const top = isSmall ? 4 : 10;
  const hasIn = sketch.posts.some(({ direction }) => direction === "in") || sketch.worth !== null;
  const hasOut = sketch.posts.some(({ direction }) => direction === "out");
  // In the middle where money goes both ways, with the larger part for the only way otherwise.
  const share = hasIn === hasOut ? 0.5 : hasIn ? 0.8 : 0.34;
  const axisY = Math.round(top + (bottom - top) * share);
  const frame = { left, right, top, bottom, axisY, isSmall };
  return {
    width,
    height,
    axisY,
    left,
    right,
    tickY,
    posts: placePosts(sketch.posts, xOf, frame),
    ticks: isSmall
      ? []
      : ticksFor(span, right - left).map(({ years, text }) => ({ x: xOf(years), text })),
    ribbons: sketch.ribbons.map((ribbon, index) => {
      const x = xOf(ribbon.start);
      const end = sketch.ribbons[index + 1]?.start ?? span;
      return {
        id: ribbon.id,
        text: ribbon.text,
        isUnknown: ribbon.isUnknown,
        x,
        y: ribbonY,
        width: Math.max(4, xOf(end) - x - (index < sketch.ribbons.length - 1 ? 3 : 0)),
        height: bandHeight,
      };
    }),
    marks: marksOf(sketch, xOf, frame),
  };
}

/** The years that the axis covers: a little beyond what happens last. */
export function spanOf({ posts, ribbons, worth }: Sketch): number {
  const known = [...posts.map(({ years }) => years ?? 0), worth?.years ?? 0];
  const latest = Math.max(0, ...known);
  const start = Math.max(0, ...ribbons.map((ribbon) => ribbon.start));
  const isOpen = posts.some(({ years }) => years === null);
  const end = Math.max(
    latest * (isOpen ? 1.25 : 1),
    start > 0 && start >= latest ? start * 1.4 : 0,
  );
  return end === 0 ? 1 : end;
}

interface Frame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly axisY: number;
  readonly isSmall: boolean;
}

function placePosts(
  posts: readonly Post[],
  xOf: (years: number) => number,
  frame: Frame,
): PlacedPost[] {
  const { right, axisY, isSmall } = frame;
  const width = isSmall ? POST.small : POST.width;
  const largest = Math.max(0, ...posts.map(({ amount }) => amount ?? 0));
  const reach = reachOf(posts, frame);
  const taken = new Map<string, number>();
  const inOrder = [...posts].sort(
    (one, other) => (one.years ?? Infinity) - (other.years ?? Infinity),
  );
  const placed = inOrder.map((post) => {
    const base = post.years === null ? right : xOf(post.years);
    const place = `${post.direction}:${Math.round(base)}`;
    const beside = taken.get(place) ?? 0;
    taken.set(place, beside + 1);
    // Several amounts on one date stand side by side, to the left of it at the right edge.
    const step = (width + POST.gap) * beside * (base > right - 60 ? -1 : 1);
    const size = post.amount === null || largest === 0 ? 0.6 : 0.3 + 0.7 * (post.amount / largest);
    const height = Math.round(reach * size);
    const y = post.direction === "in" ? axisY - height : axisY;
    return { post, box: { x: base - width / 2 + step, y, width, height } };
  });
  if (isSmall) return placed.map(({ post, box }) => ({ post, ...box, label: null }));
  // Words keep clear of every post on their side; the unknown chooses its place first.
  const occupied = {
    in: placed.filter(({ post }) => post.direction === "in").map(({ box }) => box),
    out: placed.filter(({ post }) => post.direction === "out").map(({ box }) => box),
  };
  const labels = new Map<Post, PlacedPost["label"]>();
  const unknownFirst = [...placed].sort(
    (one, other) => Number(other.post.unknown === "amount") - Number(one.post.unknown === "amount"),
  );
  for (const { post, box } of unknownFirst) labels.set(post, labelFor(post, box, frame, occupied));
  return placed.map(({ post, box }) => ({ post, ...box, label: labels.get(post) ?? null }));
}

/** How long the largest post may be. One scale serves both sides, so that sizes can be compared. */
function reachOf(posts: readonly Post[], { top, bottom, axisY, isSmall }: Frame): number {
  const sides = (["in", "out"] as const).filter((direction) =>
    posts.some((post) => post.direction === direction),
  );
  const reaches = sides.map((direction) => {
    const room = direction === "in" ? axisY - top : bottom - axisY;
    return room - (isSmall ? 0 : labelRoom(posts, direction));
  });
  return Math.max(14, Math.min(...reaches));
}

function labelRoom(posts: readonly Post[], direction: "in" | "out"): number {
  const hasLozenge = posts.some(
    (post) => post.direction === direction && post.unknown === "amount",
  );
  return (hasLozenge ? LOZENGE_HEIGHT : LABEL_HEIGHT) + 4;
}

/** The words of a post: its amount, the "?" of the unknown, or a dash for what is not given yet. */
function labelText(post: Post): string {
  if (post.amount !== null) return formatMoney(post.amount);
  return post.unknown === "amount" ? "?" : "–";
}

function labelFor(
  post: Post,
  box: Box,
  { left, right, top, bottom }: Frame,
  occupied: Record<"in" | "out", Box[]>,
): PlacedPost["label"] {
  const text = labelText(post);
  const isLozenge = post.unknown === "amount";
  const height = isLozenge ? LOZENGE_HEIGHT : LABEL_HEIGHT;
  const width = isLozenge
    ? Math.max(44, text.length * LOZENGE_CHARACTER + 28)
    : text.length * CHARACTER + 4;
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

function cross(one: Box, other: Box): boolean {
  return (
    one.x < other.x + other.width + 6 &&
    other.x < one.x + one.width + 6 &&
    one.y < other.y + other.height &&
    other.y < one.y + one.height
  );
}

function marksOf(sketch: Sketch, xOf: (years: number) => number, frame: Frame): PlacedMark[] {
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
    const width = Math.max(44, text.length * LOZENGE_CHARACTER + 28);
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
        years === null ? "?" : formatYears(years),
      ),
    );
  const { worth } = sketch;
  if (worth === null) return times;
  const text = worth.value === null ? "?" : formatMoney(worth.value);
  return [...times, place(xOf(worth.years), top, text)];
}

interface Tick {
  readonly years: number;
  readonly text: string;
}

/** Steps that people count in: months up to a year, then years by 1, 2, 5, 10 … */
const STEPS = [1 / 12, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50, 100, 200, 500];

/** Marks for the axis, from today, about one every 110 pixels at the most. */
export function ticksFor(span: number, width: number): Tick[] {
  const most = Math.max(2, Math.floor(width / 110));
  const step = STEPS.find((candidate) => span / candidate <= most) ?? span;
  const count = Math.floor(span / step + 1e-9);
  return Array.from({ length: count + 1 }, (_, index) => ({
    years: index * step,
    text: index === 0 ? "today" : tickText(index * step, step),
  }));
}

function tickText(years: number, step: number): string {
  const months = Math.round(years * 12);
  if (step >= 1 || months % 12 === 0) return formatYears(years, 0);
  // Between whole years a mark is enough; the first year is told in months.
  return months < 12 ? `${months} month${months === 1 ? "" : "s"}` : "";
}
