import { useMemo, useRef } from "react";
import type { SchedulePartProps } from "../ScheduleSummary";
import { useActualChoice } from "./actual-choice";
import { AgainstPlanTable } from "./AgainstPlanTable";
import { HowItIsRead } from "./HowItIsRead";
import { paymentsIn } from "./payments-in";
import { readTable, readTextFile, type ReadTable } from "../../../../files/read-file";
import { recognise } from "./recognise";
import styles from "./Actual.module.css";

/** Payments that were really made, read from a file and set against the schedule. */
export function ActualPayments(props: SchedulePartProps) {
  const [{ file, complaint, separator }, change] = useActualChoice();
  const picker = useRef<HTMLInputElement>(null);
  const table = useMemo(
    () => (file === null ? null : readTable(file.text, separator)),
    [file, separator],
  );
  const open = async (picked: File) => {
    const read = await readTextFile(picked);
    if (read.ok) change({ file: read, complaint: null, separator: null, chosen: {} });
    else change({ complaint: read.sentence });
  };
  return (
    <section className={styles.actual} aria-label="Real payments">
      <p>
        <button type="button" className="word-button" onClick={() => picker.current?.click()}>
          {file === null ? "Set real payments against it" : "Read another file"}
        </button>{" "}
        <span className={styles.quiet}>
          {file === null
            ? "from a CSV file of dates and amounts, as a bank or a spreadsheet saves it"
            : `“${file.name}” is read here and kept nowhere.`}
        </span>
        <input
          ref={picker}
          type="file"
          hidden
          aria-label="File of payments"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          onChange={({ target }) => {
            const [picked] = target.files ?? [];
            if (picked !== undefined) void open(picked);
            // The same file, mended, can be picked again.
            target.value = "";
          }}
        />
      </p>
      {complaint !== null && <p className={styles.complaint}>{complaint}</p>}
      {table !== null && <ReadFrom {...props} table={table} />}
    </section>
  );
}

function ReadFrom({ table, ...props }: SchedulePartProps & { readonly table: ReadTable }) {
  const [{ chosen }] = useActualChoice();
  const { account, firstDate } = props;
  const understanding = useMemo(
    () => (table.ok ? { ...recognise(table.rows), ...chosen } : null),
    [table, chosen],
  );
  const read = useMemo(
    () =>
      table.ok && understanding !== null
        ? paymentsIn(table.rows, understanding, account, firstDate)
        : null,
    [table, understanding, account, firstDate],
  );
  if (!table.ok) return <p className={styles.complaint}>{table.sentence}</p>;
  if (understanding === null || read === null) return null;
  return (
    <>
      <HowItIsRead table={table} understanding={understanding} />
      {read.ok ? (
        <AgainstPlanTable {...props} read={read} />
      ) : (
        <p className={styles.complaint}>{read.sentence}</p>
      )}
    </>
  );
}
