import { withDigits } from "@kestrelmoor/core";
/** Marks along an axis at round figures, of which the first and the last enclose the range. */
export interface RoundTicks {
  readonly ticks: readonly number[];
  readonly low: number;
  readonly high: number;
}

/**
 * @param low of what is drawn
 * @param high above `low`
 * @param most how many steps there may be
 */
export function roundTicks(low: number, high: number, most = 6): RoundTicks {
  const size = 10 ** Math.floor(Math.log10((high - low) / most));
  const step = [1, 2, 2.5, 5, 10].find((part) => (high - low) / (part * size) <= most) ?? 10;
  const [first, last] = [Math.floor(low / (step * size)), Math.ceil(high / (step * size))];
  const ticks = Array.from({ length: last - first + 1 }, (_, index) =>
    withDigits((first + index) * step * size, 12),
  );
  return { ticks, low: ticks[0] ?? low, high: ticks.at(-1) ?? high };
}
