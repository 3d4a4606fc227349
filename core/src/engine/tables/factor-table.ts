import { withDigits } from "../numbers/with-digits";
import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { tableFactor, type FactorTerms } from "./factor-kinds";
import { wholeUpTo } from "../numbers/compare";

export const MOST_COLUMNS = 60;
export const MOST_ROWS = 400;

/** From one figure to another in even steps. */
export interface TableRange {
  readonly from: number;
  readonly to: number;
  readonly step: number;
}

export interface FactorTable {
  readonly terms: FactorTerms;
  /** Percent for one period, rising. */
  readonly percents: readonly number[];
  /** Rising. */
  readonly periods: readonly number[];
  /** One row for each number of periods, unrounded. */
  readonly rows: readonly (readonly number[])[];
}

/**
 * A table of factors: a row for each number of periods, a column for each rate.
 *
 * @param rates in percent for one period, above −100
 * @param counts whole, from 1
 * @returns fails with `table-range-backwards`, `table-too-wide`, `table-too-long`, `rate-too-low`,
 *   `growth-too-low`, and `answer-too-large` where a factor passes the largest double
 * Accuracy: each factor as `tableFactor`
 */
export function factorTable(
  terms: FactorTerms,
  rates: TableRange,
  counts: TableRange,
): Result<FactorTable> {
  for (const [name, { from, to, step }] of Object.entries({ rates, counts })) {
    if (!(step > 0 && to >= from)) return fail(issue("table-range-backwards", [name], {}));
  }
  const columns = stepsIn(rates);
  if (columns > MOST_COLUMNS) {
    return fail(issue("table-too-wide", ["rates"], { columns, limit: MOST_COLUMNS }));
  }
  const lines = stepsIn(counts);
  if (lines > MOST_ROWS) {
    return fail(issue("table-too-long", ["counts"], { rows: lines, limit: MOST_ROWS }));
  }
  const quotation = { quoted: "effective" } as const;
  if (!(rates.from > -100)) {
    return fail(issue("rate-too-low", ["rates"], { percent: rates.from, quotation }));
  }
  if (!(terms.growthPercent > -100)) {
    return fail(issue("growth-too-low", ["growth"], { percent: terms.growthPercent }));
  }
  const percents = figuresOf(rates, columns);
  const periods = figuresOf(counts, lines);
  const rows = periods.map((count) =>
    percents.map((percent) => tableFactor(terms, percent, count)),
  );
  return rows.flat().every(Number.isFinite)
    ? succeed({ terms, percents, periods, rows })
    : fail(issue("answer-too-large", [], {}));
}

function stepsIn({ from, to, step }: TableRange): number {
  return wholeUpTo((to - from) / step) + 1;
}

function figuresOf({ from, step }: TableRange, count: number): number[] {
  return Array.from({ length: count }, (_, index) => withDigits(from + index * step, 12));
}
