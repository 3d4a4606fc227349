import { LIMITS } from "../../engine/problem/limits";
import { isCalendarDate } from "../../engine/time/calendar";
import { writeLabel } from "./entry-label";

/** A cell that holds an amount as other programs write it: signs of currency, brackets for money out. */
const AMOUNT =
  /^[-−–+(]?\s*(?:\p{Sc}|[A-Z]{3})?\s*[-−–+(]?\s*\d[\d.,'’\s]*(?:\s*(?:\p{Sc}|[A-Z]{3}))?\)?$/u;

/** What only counts the rows is no label: `3`, `Year 3`. */
const COUNTS = /^(?:(?:year|half-year|quarter|month|fortnight|week|day|period|time)\s*)?\d+\.?$/i;
const DATE = /^\d{4}-\d{2}-\d{2}$/;

/**
 * Makes a line of amounts of a table that was copied elsewhere: a row of heads is left out, and of several
 * columns the last is taken; what stands before it is the label of each, unless it only counts them. A
 * single row is taken whole.
 *
 * @returns `null` for what is no such table, which is pasted as it is
 */
export function tableToAmounts(pasted: string): string | null {
  const body = bodyOf(pasted);
  const isColumn = body.length > 1;
  const entries: readonly Entry[] = isColumn
    ? body.map((row) => ({ amount: row.at(-1) ?? "", label: labelOf(row.slice(0, -1)) }))
    : (body[0] ?? []).map((amount) => ({ amount, label: "" }));
  const isTable = entries.length > 1 && entries.every(({ amount }) => AMOUNT.test(amount));
  return isTable ? entries.map(entryText).join("; ") : null;
}

/**
 * The same for a table whose first column has dates as ISO 8601 writes them.
 *
 * @returns `null` for what is no such table
 */
export function tableToDated(pasted: string): string | null {
  const rows = bodyOf(pasted, (row) => DATE.test(row[0] ?? ""));
  const entries = rows.map((row) => ({
    on: row[0] ?? "",
    amount: row.at(-1) ?? "",
    label: labelOf(row.slice(1, -1)),
  }));
  const isTable =
    entries.length > 0 &&
    rows.every((row) => row.length > 1) &&
    entries.every(({ on, amount }) => isCalendarDate(on) && AMOUNT.test(amount));
  return isTable ? entries.map((entry) => `${entry.on} ${entryText(entry)}`).join("; ") : null;
}

interface Entry {
  readonly amount: string;
  readonly label: string;
}

/** The rows of cells under the heads, if there are heads. */
function bodyOf(
  pasted: string,
  isRow = (row: readonly string[]) => row.some((cell) => AMOUNT.test(cell)),
): string[][] {
  const rows = pasted
    .split(/\r?\n/)
    .filter((row) => row.trim() !== "")
    .map((row) => row.split("\t").map((cell) => cell.trim()));
  const [first = []] = rows;
  return rows.length > 1 && !isRow(first) ? rows.slice(1) : rows;
}

function labelOf(cells: readonly string[]): string {
  return cells
    .filter((cell) => cell !== "" && !COUNTS.test(cell) && !AMOUNT.test(cell))
    .join(", ")
    .slice(0, LIMITS.labelLength);
}

/** Spaces inside an amount only part its thousands. */
function entryText({ amount, label }: Entry): string {
  return `${amount.replace(/(\d)\s+(?=\d)/g, "$1")}${writeLabel(label)}`;
}

/** How many columns of amounts a table has before the one that is taken; counting ones are none. */
export function columnsPassedOver(pasted: string): number {
  const body = bodyOf(pasted);
  if (body.length < 2) return 0;
  const width = Math.max(...body.map((row) => row.length));
  const columns = Array.from({ length: width - 1 }, (_, column) =>
    body.map((row) => row[column] ?? ""),
  );
  return columns.filter(
    (cells) => cells.every((cell) => cell === "" || AMOUNT.test(cell)) && !countsUp(cells),
  ).length;
}

/** 0, 1, 2 …, or years such as 2027, 2028. */
function countsUp(cells: readonly string[]): boolean {
  const [first = NaN, ...others] = cells.map(Number);
  const isStart = first === 0 || first === 1 || (first >= 1900 && first < 2200);
  return isStart && others.every((figure, index) => figure === first + index + 1);
}

/** The first row of a table, from 1 with its heads, that ends in no amount, and what it ends in. */
export function faultInTable(
  pasted: string,
): { readonly row: number; readonly cell: string } | null {
  const body = bodyOf(pasted);
  const rows = pasted.split(/\r?\n/).filter((row) => row.trim() !== "").length;
  const place = body.findIndex((row) => !AMOUNT.test(row.at(-1) ?? ""));
  return place < 0
    ? null
    : { row: rows - body.length + place + 1, cell: body[place]?.at(-1) ?? "" };
}
