import type { Direction, Flow, KnownPosition } from "../../../engine/problem/schema";
import type { Mark } from "../../marks/mark";
import type { MissingCode, Shape, Use } from "../shape";

/** What is paid or received, as a sentence tells it. */
export interface Item {
  readonly direction: Direction;
  readonly marks: readonly Mark[];
  /** The lines of the items before it. */
  readonly before: readonly Flow[];
}

/** The lines that an item makes. */
export interface ItemRead {
  readonly flows: readonly Flow[];
  readonly uses: readonly Use[];
  readonly assumptions: Shape["assumptions"];
  readonly missing: readonly MissingCode[];
}

/** "Money in:" and "Money out:" at the beginning of a sentence. */
export function directionOf(sentence: readonly Mark[]): Direction | null {
  const [money, way, colon] = sentence;
  if (money?.word !== "money" || colon?.word !== ":") return null;
  return way?.word === "in" || way?.word === "out" ? way.word : null;
}

/** How many marks "Money in:" has. */
export const HEAD = 3;

/** Where the payments that were told last end; today where there are none. */
export function lastEnd(before: readonly Flow[]): KnownPosition {
  const last = before.findLast(({ kind }) => kind === "stream");
  return last === undefined ? "P0D" : { endOf: last.id };
}
