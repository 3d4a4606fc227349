import type { Completeness } from "../solution";

/** Percents of the unknown rate that balance a timeline, and how it is known that there are no others. */
export interface Percents {
  readonly percents: readonly number[];
  readonly completeness: Completeness;
}
