import type { Issue, Problem, SweepAxis } from "@kestrelmoor/core";

/** What the worker is asked: each request takes the place of the one before. */
export interface SweepRequest {
  readonly id: number;
  readonly problem: Problem;
  readonly first: SweepAxis;
  readonly second: SweepAxis | null;
}

/** What it says: one row after the other, then that it is done; or why it cannot begin. */
export type SweepMessage = { readonly id: number } & (
  | { readonly says: "row"; readonly row: number; readonly cells: Float64Array }
  | { readonly says: "done" }
  | { readonly says: "refused"; readonly issues: readonly Issue[] }
);
