import type { AnswerFormat, Direction } from "@kestrelmoor/core";
import { axisOverhang, cross, labelWidth, LABEL_HEIGHT, type Box, type Frame } from "./box";
import { heightOf, type Scale } from "./place-posts";
import type { StrandOnAxis } from "./place-strands";
import { strandCaption } from "./timeline-words";

/** Points along the top of a band, enough to show how payments grow. */
const POINTS = 40;

/** What stands for the payments between those that are drawn. */
export interface PlacedBand {
  readonly id: string;
  readonly direction: Direction;
  readonly isUnknown: boolean;
  /** As SVG has it, closed along the axis. */
  readonly outline: string;
  readonly caption: (Box & { readonly text: string }) | null;
}

/**
 * The band of a long stream: as tall as its payments, all the way along, with their number in it.
 *
 * @param xOf not clamped, so that endless payments run on to the edge
 */
export function placeBand(
  { strand, gap, isEndless }: StrandOnAxis,
  xOf: (years: number) => number,
  frame: Frame,
  scale: Scale,
  occupied: readonly Box[],
  format: AnswerFormat,
): PlacedBand | null {
  if (gap === null || gap.to < gap.from) return null;
  const { direction, first, step, sizeAt, id } = strand;
  const { axisY, right, isSmall } = frame;
  const side = direction === "in" ? -1 : 1;
  const heightAt = (index: number) => heightOf(sizeAt(index), scale);
  const count = gap.to - gap.from;
  const points = Array.from({ length: Math.min(POINTS, count + 1) }, (_, place) => {
    const share = count === 0 ? 0 : place / Math.min(POINTS - 1, count);
    const index = gap.from + Math.round(share * count);
    return { x: xOf(first + index * step), y: axisY + side * heightAt(index) };
  });
  const from = xOf(first + (gap.from - 0.5) * step);
  const to = isEndless ? right + axisOverhang(isSmall) : xOf(first + (gap.to + 0.5) * step);
  const last = points.at(-1)?.y ?? axisY;
  const outline = [
    `M${from},${axisY}`,
    `L${from},${points[0]?.y ?? axisY}`,
    ...points.map(({ x, y }) => `L${x},${y}`),
    `L${to},${last}`,
    `L${to},${axisY}Z`,
  ].join(" ");
  const tops = points.map(({ y }) => Math.abs(y - axisY));
  const lowest = Math.min(...tops);
  const outside = Math.max(...tops) + LABEL_HEIGHT / 2 + 3;
  // Words that would stick out of a thin band stand beside it.
  const away = lowest > LABEL_HEIGHT ? [lowest / 2, outside] : [outside];
  return {
    id,
    direction,
    isUnknown: strand.unknown === "amount",
    outline,
    caption: isSmall
      ? null
      : placeCaption(
          strandCaption(strand, format),
          { from, to },
          away.map((distance) => axisY + side * distance),
          frame,
          occupied,
        ),
  };
}

/** Finds a place for the words of a band between its ends, at one of some heights, clear of what is there. */
function placeCaption(
  text: string,
  { from, to }: { readonly from: number; readonly to: number },
  heights: readonly number[],
  { top, bottom }: Frame,
  occupied: readonly Box[],
): PlacedBand["caption"] {
  const width = labelWidth(text);
  if (width > to - from - 8) return null;
  const boxes = heights.map((y) => ({
    x: (from + to - width) / 2,
    y: y - LABEL_HEIGHT / 2,
    width,
    height: LABEL_HEIGHT,
    text,
  }));
  const free = boxes.find(
    (box) =>
      box.y > top - 12 &&
      box.y + box.height < bottom + 12 &&
      !occupied.some((other) => cross(box, other)),
  );
  return free ?? null;
}
