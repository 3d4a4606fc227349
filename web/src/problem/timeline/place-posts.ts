import { LABEL_HEIGHT, LOZENGE_HEIGHT, type Box, type Frame } from "./box";
import { placeLabel, type PlacedLabel } from "./place-label";
import type { Post } from "./sketch";

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
  const labels = new Map<Post, PlacedLabel | null>();
  const unknownFirst = [...placed].sort(
    (one, other) => Number(other.post.unknown === "amount") - Number(one.post.unknown === "amount"),
  );
  for (const { post, box } of unknownFirst)
    labels.set(post, placeLabel(post, box, frame, occupied));
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
