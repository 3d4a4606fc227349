import {
  projectRows,
  spanWords,
  type AppraisalSubject,
  type ProjectFlow,
  type ProjectRow,
} from "@kestrelmoor/core";
import type { FigureTable } from "../figure-table";

export interface FlowRow extends ProjectRow {
  readonly label: string;
  /** The first date at which a running total is back at nothing, and which of them. */
  readonly isBack: boolean;
  readonly isBackDiscounted: boolean;
}

/** The table of a project, date by date. */
export function flowRows(
  { hurdlePercent, judged }: AppraisalSubject,
  flows: readonly ProjectFlow[],
): FlowRow[] {
  const rows = projectRows(flows, Math.log1p(hurdlePercent / 100));
  const backAt = (payback: number | null) =>
    payback === null ? -1 : rows.findIndex(({ at }) => at >= payback - 1e-9);
  const [back, discounted] = [backAt(judged.payback), backAt(judged.discountedPayback)];
  return rows.map((row, index) => ({
    ...row,
    label: flows[index]?.label ?? "",
    isBack: index === back,
    isBackDiscounted: index === discounted,
  }));
}

export function whenOf(years: number): string {
  return years === 0 ? "today" : spanWords(years);
}

/** The same as figures for other programs. */
export function flowFigures(rows: readonly FlowRow[]): FigureTable {
  return {
    heads: [
      "Years",
      "For",
      "Amount",
      "Discount factor",
      "Present value",
      "Running total",
      "Running total of present values",
    ],
    rows: rows.map((row) => [
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
