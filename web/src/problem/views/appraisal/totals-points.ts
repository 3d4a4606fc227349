import { projectRows, type AppraisalSubject } from "@kestrelmoor/core";

export interface TotalPoint {
  readonly years: number;
  readonly total: number;
  readonly discounted: number;
}

/** Points that anybody can tell apart in one picture. */
const MOST_POINTS = 400;

/** Where the project stands after each of its dates; of very many, evenly chosen ones and the last. */
export function totalPoints({ flows, hurdlePercent }: AppraisalSubject): TotalPoint[] {
  const rows = projectRows(flows, Math.log1p(hurdlePercent / 100));
  const every = Math.max(1, Math.ceil(rows.length / MOST_POINTS));
  return rows
    .filter((_, index) => index % every === 0 || index === rows.length - 1)
    .map(({ at, total, discountedTotal }) => ({
      years: at,
      total,
      discounted: discountedTotal,
    }));
}
