import { useAnswerFormat } from "../../../answer/use-answer-format";
import { useMemo } from "react";
import type { SchedulePartProps } from "../ScheduleSummary";
import { useActualChoice } from "./actual-choice";
import { AgainstPlanTable } from "./AgainstPlanTable";
import { HowItIsRead } from "./HowItIsRead";
import { paymentsIn } from "./payments-in";
import { TABLE_FILES, useFilePicker } from "../../../../ui/use-file-picker";
import { readTable, readTextFile, type ReadTable } from "../../../../files/read-file";
import { recognise } from "./recognise";
import styles from "./Actual.module.css";

/** Payments that were really made, read from a file and set against the schedule. */
export function ActualPayments(props: SchedulePartProps) {
  const format = useAnswerFormat();
  const [{ file, complaint, separator }, change] = useActualChoice();
  const table = useMemo(
    () => (file === null ? null : readTable(file.text, separator, format)),
    [file, separator, format],
  );
  const open = async (picked: File) => {
    const read = await readTextFile(picked);
    if (read.ok) change({ file: read, complaint: null, separator: null, chosen: {} });
    else change({ complaint: read.sentence });
  };
  const picker = useFilePicker("File of payments", TABLE_FILES, (picked) => {
    void open(picked);
  });
  return (
    <section className={styles.actual} aria-label="Actual payments">
      <p>
        <button type="button" className="word-button" onClick={picker.open}>
          {file === null ? "Compare actual payments" : "Read another file"}
        </button>{" "}
        <span className={styles.quiet}>
          {file === null
            ? "from a CSV file of dates and amounts, as a bank or a spreadsheet saves it"
            : `“${file.name}” is read in this browser and not stored.`}
        </span>
        {picker.input}
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
