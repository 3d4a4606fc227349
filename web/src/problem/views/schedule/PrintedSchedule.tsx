import { useEffect, useEffectEvent, useMemo } from "react";
import { createPortal } from "react-dom";
import { scheduleColumns } from "./schedule-columns";
import type { SchedulePartProps } from "./ScheduleSummary";
import { shownSchedule } from "./shown-rows";
import styles from "./Printed.module.css";

interface PrintedScheduleProps extends SchedulePartProps {
  readonly title: string;
  /** It is on paper, or somebody has thought better of it. */
  readonly onPrinted: () => void;
}

/** Every row for the printer, which sees nothing else; the screen does not show it. */
export function PrintedSchedule(props: PrintedScheduleProps) {
  const { account, firstDate, format, title, onPrinted } = props;
  const { heads, lines } = useMemo(() => {
    const columns = scheduleColumns(account, firstDate, format, "paper");
    const rows = shownSchedule(account, firstDate, "all").rows.map((row) => ({
      kind: row.kind,
      cells: columns.cellsOf(row),
    }));
    return { heads: columns.heads, lines: [...rows, { kind: "total", cells: columns.totals }] };
  }, [account, firstDate, format]);
  const end = useEffectEvent(onPrinted);
  useEffect(() => {
    const leave = () => end();
    addEventListener("afterprint", leave);
    print();
    return () => removeEventListener("afterprint", leave);
  }, []);
  return createPortal(
    <section className={styles.printed} aria-label="Schedule on paper">
      <h1>{title.trim() === "" ? "Schedule" : title}</h1>
      <table>
        <thead>
          <tr>
            {heads.map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ kind, cells }, index) => (
            <tr key={index} data-kind={kind}>
              {cells.map((cell, column) => (
                <td key={column}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
