import { wholeUpTo } from "@kestrelmoor/core";
import type { TimeScale } from "./time-scale";
import type { Post, Strand } from "./sketch-types";

/** Posts closer together than this run into each other. */
const CLOSEST = { large: 9, small: 6 } as const;
/** Of a stream with more payments than this only its ends are drawn. */
const MOST_DRAWN = { large: 16, small: 12 } as const;
const AT_START = { large: 6, small: 4 } as const;
const AT_END = { large: 4, small: 3 } as const;
const THICKEST = 13;

/** A strand on the axis: the posts that there is room for, and the stretch between that stands for the rest. */
export interface StrandOnAxis {
  readonly strand: Strand;
  readonly posts: readonly Post[];
  /** The payments left out, as far as the picture goes; `null` where all are drawn. */
  readonly gap: { readonly from: number; readonly to: number } | null;
  readonly isEndless: boolean;
}

/** Chooses which payments of a strand are drawn, each at its own time. */
export function strandOnAxis(
  strand: Strand,
  { start: axisStart, span, left, right }: TimeScale,
  isSmall: boolean,
): StrandOnAxis {
  const size = isSmall ? "small" : "large";
  const { first, step } = strand;
  const spacing = (step / (span - axisStart)) * (right - left);
  const visible = Math.max(1, wholeUpTo((span - first) / step) + 1);
  const known = strand.count === Number.POSITIVE_INFINITY ? null : strand.count;
  // A part of the story may end before the payments do.
  const isCut = known !== null && known > visible;
  const isEndless = known === null || isCut;
  const count = known === null || isCut ? visible : Math.max(1, known);
  const isClose = spacing < CLOSEST[size];
  const isMany = isClose ? count > 2 : count > MOST_DRAWN[size];
  const isLong = isMany || (isEndless && !isCut);
  // What goes on without end is seen to go on: a part of it is always left to the band.
  const most = isEndless ? Math.max(1, count - AT_END[size]) : count;
  const start = isLong ? Math.min(most, isClose ? 1 : AT_START[size]) : count;
  const end = !isLong || isEndless ? 0 : isClose ? 1 : AT_END[size];
  const indexes = [
    ...Array.from({ length: start }, (_, index) => index),
    ...Array.from({ length: end }, (_, index) => count - end + index),
  ];
  const thickness = Math.max(4, Math.min(THICKEST, spacing - 3));
  const isLevel = strand.sizeAt(0) === strand.sizeAt(count - 1);
  return {
    strand,
    posts: indexes.map((index) => {
      const isLast = index === count - 1 && !isEndless;
      const hasWords =
        index === 0 || (isLast && (isLong || !isLevel) && strand.unknown !== "amount");
      return {
        id: `${strand.id}:${index}`,
        line: strand.id,
        field: "amount",
        direction: strand.direction,
        amount: strand.sizeAt(index),
        years: first + index * step,
        label: strand.label,
        unknown: strand.unknown === "amount" ? "amount" : null,
        today: strand.todayAt(index),
        ...(isLast && count > 1
          ? { moves: "count" as const }
          : index === 0
            ? { moves: "begins" as const }
            : { moves: "none" as const }),
        ...(hasWords ? {} : { isQuiet: true as const }),
        ...(isClose ? { thickness: isSmall ? 4 : 8 } : { thickness }),
      };
    }),
    gap: isLong ? { from: start, to: count - 1 - end } : null,
    isEndless,
  };
}
