import {
  amountIn,
  dateOf,
  isAnyDate,
  isFigure,
  MARKS,
  ORDERS,
  type DateOrder,
  type DecimalMark,
} from "../../../../files/cell-values";
import type { Row, Separator } from "../../../../files/read-table";

/** How a list of payments is understood. What cannot be told from it is `null`, and has to be chosen. */
export interface Understanding {
  readonly hasHeads: boolean;
  /** Places of columns, from 0. */
  readonly amounts: number | null;
  /** `null` where payments stand one after the other without dates. */
  readonly dates: number | null;
  readonly mark: DecimalMark | null;
  readonly order: DateOrder | null;
}

/**
 * Amounts typed one after the other on a single line are one column. A comma parts them only with a space after it:
 * without one it may part thousands, as in “1,234.56”.
 *
 * @returns the rows as they are, where they are no such line
 */
export function asOneColumn(
  rows: readonly Row[],
  separator: Separator,
  text: string,
): readonly Row[] {
  const [row, ...more] = rows;
  if (row === undefined || more.length > 0 || row.cells.length < 2) return rows;
  const cells = row.cells.filter((cell) => cell !== "");
  if (!cells.every(isFigure) || (separator === "," && /,(?!\s)/.test(text.trim()))) return rows;
  return cells.map((cell, index) => ({ number: index + 1, cells: [cell] }));
}

const PAID = /amount|paid|payment|sum|deposit|instal|value|betrag|montant|importe/i;

/** Rows that are looked at: a file is alike from its beginning to its end. */
const LOOKED_AT = 2000;

/** Tells from the cells of a file what its columns are and how figures and dates are written in it. */
export function recognise(rows: readonly Row[]): Understanding {
  const [first] = rows;
  const hasHeads = first !== undefined && !first.cells.some(isFigure);
  const body = rows.slice(hasHeads ? 1 : 0, LOOKED_AT);
  const columns = Array.from(
    { length: Math.max(0, ...body.map(({ cells }) => cells.length)) },
    (_, place) => body.map(({ cells }) => cells[place] ?? "").filter((cell) => cell !== ""),
  );
  const dates = columns.findIndex((cells) => isMostly(cells, isAnyDate));
  const money = columns.flatMap((cells, place) =>
    place !== dates && isMostly(cells, isFigure) && !isCounting(cells) ? [place] : [],
  );
  const named = money.filter((place) => PAID.test(hasHeads ? (first.cells[place] ?? "") : ""));
  const amounts = named.length === 1 ? named[0] : money.length === 1 ? money[0] : undefined;
  return {
    hasHeads,
    amounts: amounts ?? null,
    dates: dates < 0 ? null : dates,
    mark: amounts === undefined ? null : markOf(columns[amounts] ?? []),
    order: dates < 0 ? null : orderOf(columns[dates] ?? []),
  };
}

function isMostly(cells: readonly string[], is: (cell: string) => boolean): boolean {
  return cells.length > 0 && cells.filter(is).length >= 0.6 * cells.length;
}

/** Whether a column only counts its rows: 1, 2, 3. */
function isCounting(cells: readonly string[]): boolean {
  const numbers = cells.map(Number);
  return (
    cells.length > 1 &&
    numbers.every((own, index) => index === 0 || own === (numbers[index - 1] ?? NaN) + 1)
  );
}

/** The mark under which most amounts can be read; `null` where both read all of them, and differently. */
export function markOf(cells: readonly string[]): DecimalMark | null {
  const read = MARKS.map((mark) => cells.map((cell) => amountIn(cell, mark)));
  const [points = [], commas = []] = read;
  const count = (amounts: readonly (number | null)[]) =>
    amounts.filter((amount) => amount !== null).length;
  if (count(points) !== count(commas)) return count(points) > count(commas) ? "point" : "comma";
  return points.every((amount, index) => amount === commas[index]) ? "point" : null;
}

/** The order in which most dates can be read; `null` where several read as many. */
export function orderOf(cells: readonly string[]): DateOrder | null {
  const counts = ORDERS.map((order) => cells.filter((cell) => dateOf(cell, order) !== null).length);
  const most = Math.max(...counts);
  const best = ORDERS.filter((_, place) => counts[place] === most);
  const isAlike = best.every((order) =>
    cells.every((cell) => dateOf(cell, order) === dateOf(cell, best[0] ?? "ymd")),
  );
  return best.length === 1 || isAlike ? (best[0] ?? null) : null;
}
