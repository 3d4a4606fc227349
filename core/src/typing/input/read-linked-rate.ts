import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import type { Discounting } from "./rate-words";
import { readPoints, readRate, type TypedRate } from "./read-rate";

/** A rate by itself, or so many points more than another one. */
export type SaidRate = TypedRate | { readonly plus: number; readonly of: number };

const LINKED =
  /^(?:(.+?)\s*(?:percentage\s+)?(?:points?\s+)?(more|higher|above|over|less|lower|below|under)|(?:the\s+)?same)\s+(?:than\s+|as\s+)?(?:the\s+)?(?:(before|rate before|last rate|previous rate)|(first rate)|rate\s+(\d+))$/;

/**
 * Reads a rate that may be said by another one: `6.25`, `0.75 more than before`,
 * `2 points less than rate 1`, `same as before`.
 *
 * @param index which rate of the problem it is, from 0
 * @param discounting what a bare "discount rate" is: see `readRateWords`
 * @returns as `readRate` does; fails with `rate-before-missing` too
 */
export function readLinkedRate(
  typed: string,
  index: number,
  discounting: Discounting,
): Result<SaidRate> {
  const match = LINKED.exec(typed.trim().toLowerCase());
  if (match === null) return readRate(typed, discounting);
  const [, figure, way, before, first, number] = match;
  const of = before !== undefined ? index - 1 : first !== undefined ? 0 : Number(number) - 1;
  if (of < 0) return fail(issue("rate-before-missing", [], {}));
  if (figure === undefined) return succeed({ plus: 0, of });
  const read = readPoints(figure);
  if (!read.ok) return read;
  const less = way === "less" || way === "lower" || way === "below" || way === "under";
  return succeed({ plus: less ? -read.value : read.value, of });
}
