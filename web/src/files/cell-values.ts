import { isCalendarDate } from "@kestrelmoor/core";

/** What marks decimals in a file; the other one parts thousands. */
export type DecimalMark = "point" | "comma";

/** In which order a file writes day, month and year. */
export type DateOrder = "ymd" | "dmy" | "mdy";

const MONEY_AROUND = /^(?:\p{Sc}|[A-Z]{3})?\s*|\s*(?:\p{Sc}|[A-Z]{3})?$/gu;

/**
 * An amount as files write it: `1,234.56`, `1.234,56`, `(200.00)`, `€ 12.50`, `-12`.
 *
 * @returns `null` for what is no amount: words, formulas, a mark at the wrong place
 */
export function amountIn(cell: string, mark: DecimalMark): number | null {
  const bracketed = /^\((.*)\)$/.exec(cell.trim());
  const bare = (bracketed?.[1] ?? cell).trim().replace(MONEY_AROUND, "").trim();
  const signed = /^([-−–+]?)\s*(.+)$/.exec(bare);
  const digits = (signed?.[2] ?? "").replace(MONEY_AROUND, "").trim();
  const [point, comma] = mark === "point" ? [".", ","] : [",", "."];
  const [whole = "", decimals, ...rest] = digits.split(point);
  const parts = whole.split(new RegExp(`[${comma}\\s'’]`));
  const isWhole =
    parts.length === 1
      ? /^\d+$/.test(whole)
      : /^\d{1,3}$/.test(parts[0] ?? "") && parts.slice(1).every((part) => /^\d{3}$/.test(part));
  if (rest.length > 0 || !isWhole || (decimals !== undefined && !/^\d*$/.test(decimals)))
    return null;
  const size = Number(`${parts.join("")}.${decimals ?? ""}0`);
  const isBelow = bracketed !== null || /[-−–]/.test(signed?.[1] ?? "");
  return isBelow ? -size : size;
}

const DATE = /^(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})(?:[T ].*)?$/;

/** A date in ISO 8601; `null` for what is none in that order, or none that the calendar has. */
export function dateOf(cell: string, order: DateOrder): string | null {
  const parts = DATE.exec(cell.trim())?.slice(1, 4);
  if (parts === undefined) return null;
  const [year = "", month = "", day = ""] = {
    ymd: parts,
    dmy: [parts[2], parts[1], parts[0]],
    mdy: [parts[2], parts[0], parts[1]],
  }[order];
  if (year.length !== 4 || month.length > 2 || day.length > 2) return null;
  const date = `${year}-${month.padStart(2, "0")}-${day.padStart(2, "0")}`;
  return Number(month) >= 1 && Number(month) <= 12 && isCalendarDate(date) ? date : null;
}

export const MARKS: readonly DecimalMark[] = ["point", "comma"];
export const ORDERS: readonly DateOrder[] = ["ymd", "dmy", "mdy"];

/** Whether a cell is an amount, however its decimals are marked. */
export function isFigure(cell: string): boolean {
  return MARKS.some((mark) => amountIn(cell, mark) !== null);
}

/** Whether a cell is a date, in whatever order. */
export function isAnyDate(cell: string): boolean {
  return ORDERS.some((order) => dateOf(cell, order) !== null);
}
