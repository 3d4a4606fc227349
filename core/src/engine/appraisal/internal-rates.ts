import type { DatedAmount } from "../flows/flow-kind";
import { runOfOne } from "../flows/run-of-one";
import { succeed, type Result } from "../result";
import { allForces } from "../solve/rate/all-forces";
import type { Completeness } from "../solve/solution";

export interface InternalRates {
  /** Effective percent a year, ascending; none where no rate makes the flows worth nothing. */
  readonly percents: readonly number[];
  /** How it is known that there are no others. */
  readonly completeness: Completeness;
}

/**
 * Every rate above −100 % at which flows are worth nothing: see `allForces` for how none is missed.
 *
 * @returns fails with `rate-search-too-large`
 * Accuracy: relative 1e-14 for even flows of which several rates were isolated, else 1e-12.
 */
export function internalRates(flows: readonly DatedAmount[]): Result<InternalRates> {
  const moved = flows.filter(({ amount }) => amount !== 0);
  const found = allForces(moved.map(({ amount, at }) => runOfOne(amount, at)));
  if (!found.ok) return found;
  const { forces, completeness } = found.value;
  return succeed({
    percents: forces
      .map((force) => Math.expm1(force) * 100)
      .filter((percent) => Number.isFinite(percent) && percent > -100)
      .sort((one, other) => one - other),
    completeness,
  });
}
