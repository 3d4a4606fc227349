import { paymentDate, type ScheduleRow } from "@kestrelmoor/core";
import { rowBefore, SCHEDULE_MONEY, scheduleColumns } from "@kestrelmoor/core/teaching";
import type { FigureTable } from "../figure-table";
import type { ScheduleAccount } from "./account-of";

const FIGURES = ["payment", "date", "time", ...SCHEDULE_MONEY] as const;

/** Every row of a schedule, for files. @param firstDate of the first payment, where one is told */
export function scheduleFigures(
  { schedule, every }: ScheduleAccount,
  firstDate: string | null,
): FigureTable {
  const columns = scheduleColumns(
    schedule,
    FIGURES.filter((key) => key !== "date" || firstDate !== null),
    ["other", "principal"],
  );
  const dateOf = ({ payment }: ScheduleRow) =>
    firstDate === null || payment === 0 ? null : paymentDate(firstDate, every, payment - 1);
  const { before, rows } = schedule;
  return {
    heads: columns.map(({ head }) => head),
    rows: [...(before === null ? [] : [rowBefore(before)]), ...rows].map((row) =>
      columns.map(({ key }) => (key === "date" ? dateOf(row) : row[key])),
    ),
  };
}
