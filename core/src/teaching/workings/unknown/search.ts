import { withDigits } from "../../../engine/numbers/with-digits";
import { workingFigure } from "../mathematics/figures";
import { withMarks, writeMoney, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import type { StepTable } from "../step";

const WORDS = STEP_WORDS.search;

/** The trials of a numerical solution. */
export interface Search {
  readonly table: StepTable;
  readonly low: number;
  readonly high: number;
}

/** Enough trials for any curve of an ordinary problem. */
const MOST_STEPS = 40;

/** The rows shown; more would repeat them. */
const MOST_ROWS = 12;

/**
 * Encloses a known root between two round numbers and approaches it by linear interpolation (false position
 * with the Illinois modification, which keeps both ends moving).
 *
 * @param balance money in less money out, as a function of the unknown
 * @param root the value at which it is zero
 * @param others the other roots, which must stay outside
 * @param letter the column head of the unknown
 * @returns `null` if the balance does not change sign at the root
 * Source: M. Dowell & P. Jarratt, "A modified regula falsi method", BIT 11 (1971)
 */
export function searchFor(
  balance: (figure: number) => number,
  root: number,
  others: readonly number[],
  letter: string,
  format: AnswerFormat,
): Search | null {
  const row = rowIn(format);
  const bracket = roundBracket(balance, root, others);
  if (bracket === null) return null;
  const [low, high] = bracket;
  let ends = { low, high, atLow: balance(low), atHigh: balance(high) };
  const rows: string[][] = [row(WORDS.from, low, ends.atLow), row(WORDS.to, high, ends.atHigh)];
  let figure = low;
  let lastSide = 0;
  for (let step = 1; step <= MOST_STEPS; step += 1) {
    const next = ends.low - (ends.atLow * (ends.high - ends.low)) / (ends.atHigh - ends.atLow);
    if (!Number.isFinite(next) || next <= ends.low || next >= ends.high) break;
    const value = balance(next);
    const stands = workingFigure(next) === workingFigure(figure);
    figure = next;
    if (stands) break;
    rows.push(row(String(step), next, value));
    if (Math.abs(value) < RESIDUE && workingFigure(next) === workingFigure(root)) break;
    const side = Math.sign(value) === Math.sign(ends.atLow) ? -1 : 1;
    ends =
      side < 0
        ? {
            ...ends,
            low: next,
            atLow: value,
            atHigh: lastSide === side ? ends.atHigh / 2 : ends.atHigh,
          }
        : {
            ...ends,
            high: next,
            atHigh: value,
            atLow: lastSide === side ? ends.atLow / 2 : ends.atLow,
          };
    lastSide = side;
  }
  const leftOut = Math.max(0, rows.length - MOST_ROWS);
  return {
    low,
    high,
    table: {
      head: [WORDS.step, letter, WORDS.head],
      rows: leftOut === 0 ? rows : [...rows.slice(0, MOST_ROWS - 2), ...rows.slice(-2)],
      leftOut,
      leftOutAfter: MOST_ROWS - 2,
    },
  };
}

function rowIn(format: AnswerFormat) {
  return (name: string, figure: number, value: number): string[] => [
    name,
    withMarks(workingFigure(figure), format),
    Math.abs(value) < RESIDUE
      ? writeMoney(0, { ...format, sign: "" }, 2)
      : writeMoney(value, { ...format, sign: "" }, 6),
  ];
}

/** A balance below this is written as 0: it is what rounding leaves. */
const RESIDUE = 1e-6;

/** A root smaller than this is between two round numbers of this size. */
const LEAST_SIZE = 1e-12;

/** Two round numbers with only this root between them. */
function roundBracket(
  balance: (figure: number) => number,
  root: number,
  others: readonly number[],
): readonly [number, number] | null {
  let size = 10 ** Math.floor(Math.log10(Math.max(Math.abs(root), LEAST_SIZE)));
  for (let attempt = 0; attempt < 14; attempt += 1, size /= 2) {
    const low = tidied(Math.floor(root / size) * size, size);
    const starts = [low, low - size / 2];
    for (const start of starts) {
      const end = tidied(start + size, size);
      if (start >= root || end <= root) continue;
      if (others.some((other) => other >= start && other <= end)) continue;
      const [one, two] = [balance(start), balance(end)];
      if (Number.isFinite(one) && Number.isFinite(two) && Math.sign(one) * Math.sign(two) < 0) {
        return [start, end];
      }
    }
  }
  return null;
}

function tidied(figure: number, size: number): number {
  return withDigits((Math.round((figure / size) * 8) / 8) * size, 12);
}
