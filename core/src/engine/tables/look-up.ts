import { rootInBracket } from "../solve/roots/root-in-bracket";
import { tableFactor } from "./factor-kinds";
import type { FactorTable } from "./factor-table";
import { isSameCount, isSamePercent } from "../numbers/compare";

/** Twice the accuracy of a factor: what is this close to half a unit of the last place is half of it. */
const TIE = 4e-14;

/**
 * A factor as a table prints it: rounded half up. Factors such as 1.05² = 1.1025 lie on half a unit and a
 * double beside it, so what is within a factor's own accuracy of it counts as half.
 */
export function printedFactor(factor: number, decimals: number): number {
  const unit = 10 ** decimals;
  const units = factor * unit;
  return units < 2 ** 50 ? Math.floor(units * (1 + TIE) + 0.5) / unit : factor;
}

/** One factor looked up in a table. */
export interface LookedUp {
  /** The row; −1 where the table has none with these periods. */
  readonly row: number;
  /** The column of the rate, or of the next lower one. */
  readonly column: number;
  /** Whether the rate lies between that column and the next. */
  readonly isBetween: boolean;
  /** As the table prints it; between two columns on the straight line from the one to the other. */
  readonly printed: number;
  readonly exact: number;
}

/**
 * Looks a factor up as one does on paper: at the crossing of row and column, or on the straight line between
 * two columns.
 *
 * @param decimals to which the table prints its factors
 * @returns `null` where the rate lies outside the table, or the table has no such row
 */
export function lookUp(
  { terms, percents, periods, rows }: FactorTable,
  percent: number,
  count: number,
  decimals: number,
): LookedUp | null {
  const row = periods.findIndex((own) => isSameCount(own, count));
  const column = percents.findLastIndex((own) => own <= percent || isSamePercent(own, percent));
  const [low, high] = [percents[column], percents[column + 1]];
  const factors = rows[row];
  if (factors === undefined || low === undefined) return null;
  const isBetween = !isSamePercent(low, percent);
  if (isBetween && high === undefined) return null;
  const first = printedFactor(factors[column] ?? Number.NaN, decimals);
  const second = printedFactor(factors[column + 1] ?? Number.NaN, decimals);
  const part = isBetween && high !== undefined ? (percent - low) / (high - low) : 0;
  return {
    row,
    column,
    isBetween,
    printed: isBetween ? first + part * (second - first) : first,
    exact: tableFactor(terms, percent, count),
  };
}

/** A rate read backwards from a factor. */
export interface RateBetween {
  readonly column: number;
  /** On the straight line between the two columns. */
  readonly percent: number;
  /** Where the factor itself is that; `null` where only its printed neighbours enclose it. */
  readonly exactPercent: number | null;
}

/**
 * The rate at which a row has a factor, on the straight line between the two columns around it: how rates
 * are found from tables.
 *
 * @returns `null` where no two neighbouring columns of the row enclose the factor
 */
export function rateOfFactor(
  { terms, percents, periods, rows }: FactorTable,
  row: number,
  factor: number,
  decimals: number,
): RateBetween | null {
  const printed = (rows[row] ?? []).map((own) => printedFactor(own, decimals));
  for (let column = 0; column + 1 < printed.length; column += 1) {
    const [one = Number.NaN, other = Number.NaN] = [printed[column], printed[column + 1]];
    const [low = Number.NaN, high = Number.NaN] = [percents[column], percents[column + 1]];
    if (one === other || (factor - one) * (factor - other) > 0) continue;
    const apart = (percent: number) => tableFactor(terms, percent, periods[row] ?? 0) - factor;
    return {
      column,
      percent: low + ((factor - one) / (other - one)) * (high - low),
      exactPercent: apart(low) * apart(high) <= 0 ? rootInBracket(apart, low, high) : null,
    };
  }
  return null;
}
