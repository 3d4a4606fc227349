import { withDigits } from "../numbers/with-digits";
import type { ByTable } from "./by-table";
import { tableFactor } from "./factor-kinds";
import { factorTable, type FactorTable } from "./factor-table";
import { lookUp, printedFactor, rateOfFactor, type LookedUp } from "./look-up";
import { asWhole, isSameCount, isSamePercent, wholeUpTo } from "../numbers/compare";

/** A problem solved by looking a factor up, set against the exact answer. */
export interface SolvedByTable {
  /** The part of the table that is looked at. */
  readonly table: FactorTable;
  /** The factor that is looked up, or that is looked for. */
  readonly factor: number;
  /** What is found there; `null` where the place is looked for. */
  readonly lookedUp: LookedUp | null;
  readonly column: number;
  readonly row: number;
  /** Whether it lies between that column, or that row, and the next. */
  readonly between: "columns" | "rows" | null;
  /** What the table gives: money, a percent for one period, or a number of periods. */
  readonly answer: number;
  readonly exact: number;
}

/** Steps between columns, of which tables have the largest that fits. */
const STEPS = [1, 0.5, 0.25, 0.1, 0.05, 0.025, 0.01] as const;

/** Columns and rows to each side of what is looked up. */
const AROUND = 2;

/**
 * Solves a problem as one does with a printed table: a factor is looked up, on the straight line between two
 * columns or rows where it has to be, and multiplied or divided by.
 *
 * @param decimals to which the table prints its factors
 * @returns `null` where the table has no such place
 */
export function solveByTable(read: ByTable, decimals: number): SolvedByTable | null {
  const { terms, percent, periods, each, whole, sought } = read;
  if (!(percent > 0)) return null;
  const step = stepFor(percent);
  const low = wholeUpTo(percent / step) * step;
  const from = Math.max(step, low - AROUND * step);
  const first = Math.max(1, wholeUpTo(periods) - AROUND);
  const made = factorTable(
    terms,
    { from: withDigits(from, 10), to: withDigits(low + (AROUND + 1) * step, 10), step },
    { from: first, to: first + 2 * AROUND + 1, step: 1 },
  );
  if (!made.ok) return null;
  const table = made.value;
  if (sought === "whole" || sought === "each") {
    const found = lookUp(table, withDigits(percent, 10), periods, decimals);
    if (found === null) return null;
    const answer = sought === "whole" ? each * found.printed : whole / found.printed;
    const exact = sought === "whole" ? whole : each;
    const { row, column, printed: factor } = found;
    const between = found.isBetween ? "columns" : null;
    return { table, factor, lookedUp: found, column, row, between, answer, exact };
  }
  const factor = whole / each;
  if (sought === "rate") {
    const row = table.periods.findIndex((count) => isSameCount(count, periods));
    const found = rateOfFactor(table, row, factor, decimals);
    if (found === null) return null;
    const { column, percent: answer } = found;
    const between = "columns";
    return { table, factor, lookedUp: null, column, row, between, answer, exact: percent };
  }
  const column = table.percents.findIndex((own) => isSamePercent(own, percent));
  const along = column < 0 ? null : countOfFactor(table, column, factor, decimals);
  return along === null
    ? null
    : { table, factor, lookedUp: null, column, between: "rows", ...along, exact: periods };
}

/** The number of periods at which a column has a factor, on the straight line between two rows. */
function countOfFactor(
  { terms, percents, periods }: FactorTable,
  column: number,
  factor: number,
  decimals: number,
): { readonly row: number; readonly answer: number } | null {
  const at = (row: number) =>
    printedFactor(tableFactor(terms, percents[column] ?? 0, periods[row] ?? 0), decimals);
  for (let row = 0; row + 1 < periods.length; row += 1) {
    const [one, other] = [at(row), at(row + 1)];
    if (one !== other && (factor - one) * (factor - other) <= 0) {
      return { row, answer: (periods[row] ?? 0) + (factor - one) / (other - one) };
    }
  }
  return null;
}

function stepFor(percent: number): number {
  const fitting = STEPS.find((step) => asWhole(percent / step) !== null && percent >= step);
  return fitting ?? STEPS.find((step) => percent >= 2 * step) ?? 0.01;
}
