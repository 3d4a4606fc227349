import { spanWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { RoundTicks } from "./round-ticks";
import { timeTicks } from "./time-steps";

/** What a plot is drawn over, from left to right. */
export interface AcrossAxis {
  /** Where a point has its place. */
  readonly dataKey: string;
  /** Its two ends; left out for an axis of names. */
  readonly ends?: readonly [number, number];
  readonly ticks?: readonly number[];
  readonly write?: (value: number) => string;
}

/** What a plot measures, from the bottom to the top. */
export interface UpAxis extends RoundTicks {
  readonly write: (value: number) => string;
}

/** The years from today. */
export function timeAxis(longest: number, format: AnswerFormat, most = 8): AcrossAxis {
  return {
    dataKey: "years",
    ends: [0, longest],
    ticks: timeTicks(longest, most),
    write: (years) => (years === 0 ? "today" : spanWords(years, format)),
  };
}

/** Money, in whole units: a picture shows no more. */
export function moneyAxis(ticks: RoundTicks, format: AnswerFormat): UpAxis {
  return { ...ticks, write: (amount) => writeMoney(amount, { ...format, decimals: 0 }) };
}

/** Room for the figures beside an axis. */
export function widthOf({ ticks, write }: UpAxis): number {
  return 22 + 8 * Math.max(2, ...ticks.map((tick) => write(tick).length));
}
