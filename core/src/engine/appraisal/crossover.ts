import type { DatedAmount } from "../flows/flow-kind";
import type { Result } from "../result";
import { internalRates, type InternalRates } from "./internal-rates";

/**
 * The rates at which two projects have the same net present value: the internal rates of the one less the
 * other. Between two of them the same project stays ahead.
 */
export function crossoverRates(
  one: readonly DatedAmount[],
  other: readonly DatedAmount[],
): Result<InternalRates> {
  const turned = other.map(({ amount, at }) => ({ amount: -amount, at }));
  return internalRates([...one, ...turned].sort((early, late) => early.at - late.at));
}
