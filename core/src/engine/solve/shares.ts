import type { SettledTimeline } from "./solution";
import { growthOf } from "./settled-timeline";
import { worthAt } from "./worth";

/** The value of each flow at one date, signed: money in is positive. */
export interface Shares {
  /** One for each flow of the problem, in its order; `null` past the largest double. */
  readonly flows: readonly { readonly id: string; readonly worth: number | null }[];
  /** Of all flows together: zero, apart from rounding, if the answer balances the problem. */
  readonly together: number | null;
}

/**
 * Moves every flow of a solved problem to one date, where their values can be added.
 *
 * @param years of the date, from today, zero or more
 */
export function sharesAt(settled: SettledTimeline, years: number): Shares {
  const growth = growthOf(settled);
  const finite = (value: number) => (Number.isFinite(value) ? value : null);
  return {
    flows: settled.flows.map((flow) => ({
      id: flow.id,
      worth: finite(worthAt([flow], growth, years).value),
    })),
    together: finite(worthAt(settled.flows, growth, years).value),
  };
}
