import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { compoundGrowth } from "./compound-growth";

/** A value at a time. */
export interface ValueAtTime {
  /** Years from the first of them. */
  readonly at: number;
  readonly value: number;
}

/** How values grew from each to the next, and from the first to the last. */
export interface GrowthOfValues {
  /** Compound annual growth in percent, over all of it. */
  readonly percent: number;
  readonly years: number;
  /** From each value to the next, in percent a year. */
  readonly steps: readonly number[];
  /** The plain mean of the steps, each weighed by its length: more than the compound growth wherever it varies. */
  readonly meanPercent: number;
}

/**
 * Compound annual growth over values at any times.
 *
 * @param values above zero, at rising times, two at least
 * @returns fails with `growth-undefined`
 * Accuracy: relative 1e-14.
 */
export function growthOfValues(values: readonly ValueAtTime[]): Result<GrowthOfValues> {
  const [first, last] = [values[0], values.at(-1)];
  if (first === undefined || last === undefined || values.length < 2) {
    return fail(issue("growth-undefined", [], {}));
  }
  const years = last.at - first.at;
  const whole = compoundGrowth(first.value, last.value, years);
  if (!whole.ok) return whole;
  const steps: number[] = [];
  let weighed = 0;
  for (const [index, next] of values.slice(1).entries()) {
    const before = values[index] ?? first;
    const step = compoundGrowth(before.value, next.value, next.at - before.at);
    if (!step.ok) return step;
    steps.push(step.value);
    weighed += step.value * (next.at - before.at);
  }
  return succeed({ percent: whole.value, years, steps, meanPercent: weighed / years });
}
