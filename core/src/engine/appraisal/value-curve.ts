import type { DatedAmount } from "../flows/flow-kind";
import { netValue } from "./measures";

export interface ValueAtRate {
  /** Effective percent a year. */
  readonly percent: number;
  readonly value: number;
}

/**
 * The net present value of flows at evenly spaced rates.
 *
 * @param from above −100 percent a year
 * @param to above `from`
 * @param steps into which the range is cut: one more point than that
 */
export function valueCurve(
  flows: readonly DatedAmount[],
  from: number,
  to: number,
  steps: number,
): ValueAtRate[] {
  return Array.from({ length: steps + 1 }, (_, index) => {
    const percent = from + ((to - from) * index) / steps;
    return { percent, value: netValue(flows, Math.log1p(percent / 100)) };
  });
}

/** Rates below and above these say nothing to anybody who judges a project. */
const LEAST = -60;
const MOST = 400;

/**
 * The range of rates over which the value of a project is worth looking at: from no discounting, or below it
 * where an internal rate lies there, past the hurdle rate and the internal rates.
 *
 * @param rates internal rates, crossovers and the hurdle rate, in percent
 */
export function telltaleRange(rates: readonly number[]): readonly [number, number] {
  const near = rates.filter((rate) => rate >= LEAST && rate <= MOST);
  const low = Math.min(0, ...near);
  const high = Math.max(10, ...near);
  const [from, to] = [low < 0 ? low - (high - low) * 0.08 : 0, high + (high - low) * 0.35];
  const step = to - from > 60 ? 10 : 5;
  return [Math.max(-95, Math.floor(from / step) * step), Math.ceil(to / step) * step];
}
