import {
  projectRows,
  spanWords,
  type AppraisalSubject,
  type ProjectFlow,
  type ProjectRow,
  type AnswerFormat,
  isUpTo,
} from "@kestrelmoor/core";
import type { FigureTable } from "../figure-table";

export interface FlowRow extends ProjectRow {
  /** Its calendar date, ISO 8601, where amounts have dates. */
  readonly date: string | null;
  readonly label: string;
  /** The first date at which a running total is back at nothing, and which of them. */
  readonly isBack: boolean;
  readonly isBackDiscounted: boolean;
}

/** The table of a project, date by date. */
export function flowRows(
  { hurdlePercent, judged }: AppraisalSubject,
  flows: readonly ProjectFlow[],
  firstDate: string | null,
): FlowRow[] {
  const rows = projectRows(flows, Math.log1p(hurdlePercent / 100));
  const backAt = (payback: number | null) =>
    payback === null ? -1 : rows.findIndex(({ at }) => isUpTo(payback, at));
  const [back, discounted] = [backAt(judged.payback), backAt(judged.discountedPayback)];
  return rows.map((row, index) => ({
    ...row,
    date: firstDate === null ? null : dateAfter(firstDate, row.at),
    label: flows[index]?.label ?? "",
    isBack: index === back,
    isBackDiscounted: index === discounted,
  }));
}

export function whenOf({ at, date }: FlowRow, format: AnswerFormat): string {
  return date ?? (at === 0 ? "today" : spanWords(at, format));
}

const DAY_MS = 86_400_000;

/** Dates are counted in years of 365 days, leap or not. */
function dateAfter(first: string, years: number): string {
  return new Date(Date.parse(first) + Math.round(years * 365) * DAY_MS).toISOString().slice(0, 10);
}

/** The same as figures for other programs. */
export function flowFigures(rows: readonly FlowRow[]): FigureTable {
  const isDated = rows[0]?.date !== null;
  return {
    heads: [
      ...(isDated ? ["Date"] : []),
      "Years",
      "Description",
      "Cash flow",
      "Discount factor",
      "Present value",
      "Cumulative cash flow",
      "Cumulative present value",
    ],
    rows: rows.map((row) => [
      ...(isDated ? [row.date] : []),
      row.at,
      row.label,
      row.amount,
      row.discountFactor,
      row.presentValue,
      row.total,
      row.discountedTotal,
    ]),
  };
}
