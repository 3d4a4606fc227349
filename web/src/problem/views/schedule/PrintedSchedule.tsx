import { useMemo } from "react";
import { OnPaper } from "../../../ui/OnPaper";
import { shownColumns } from "./schedule-columns";
import type { SchedulePartProps } from "./ScheduleSummary";
import { shownSchedule } from "./shown-rows";

interface PrintedScheduleProps extends SchedulePartProps {
  readonly title: string;
  readonly onPrinted: () => void;
}

/** Every row of the schedule, on paper. */
export function PrintedSchedule(props: PrintedScheduleProps) {
  const { account, firstDate, format, title, onPrinted } = props;
  const { heads, lines } = useMemo(() => {
    const columns = shownColumns(account, firstDate, format, "paper");
    const rows = shownSchedule(account, firstDate, "all").rows.map((row) => ({
      kind: row.kind,
      cells: columns.cellsOf(row),
    }));
    return { heads: columns.heads, lines: [...rows, { kind: "total", cells: columns.totals }] };
  }, [account, firstDate, format]);
  return (
    <OnPaper
      name="Printed schedule"
      title={title.trim() === "" ? "Schedule" : title}
      {...{ heads, lines, onPrinted }}
    />
  );
}
