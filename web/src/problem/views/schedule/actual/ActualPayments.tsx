import { useMemo, useState } from "react";
import { readTable, type ReadTable } from "../../../../files/read-table";
import { readTextFile } from "../../../../files/read-text-file";
import { TABLE_FILES, useFilePicker } from "../../../../ui/use-file-picker";
import { useLingering } from "../../../../ui/use-lingering";
import { useAnswerFormat } from "../../../answer/use-answer-format";
import type { SchedulePartProps } from "../ScheduleSummary";
import { AgainstPlanTable } from "./AgainstPlanTable";
import { HowItIsRead } from "./HowItIsRead";
import { PaymentsField } from "./PaymentsField";
import { paymentsIn } from "./payments-in";
import { asOneColumn, recognise } from "./recognise";
import { useActualPayments } from "./use-actual-payments";
import { WordButton } from "../../../../ui/Buttons";
import styles from "./Actual.module.css";

/** Many rows may be read; while somebody types, that waits for a pause. */
const READS_AFTER_MS = 120;

/** Payments that were really made, pasted or read from a file, and compared with the schedule. */
export function ActualPayments(props: SchedulePartProps) {
  const format = useAnswerFormat();
  const { actual, isKept, open, remove } = useActualPayments();
  const [complaint, setComplaint] = useState<string | null>(null);
  const settled = useLingering(actual, READS_AFTER_MS);
  const table = useMemo(() => {
    if (settled === null || settled.text.trim() === "") return null;
    const { text, chosen } = settled;
    const read = readTable(text, chosen.separator ?? null, format);
    return read.ok ? { ...read, rows: asOneColumn(read.rows, read.separator, text) } : read;
  }, [settled, format]);
  const take = async (picked: File) => {
    const read = await readTextFile(picked);
    const isEmpty = read.ok && read.text.trim() === "";
    setComplaint(isEmpty ? "This file is empty." : read.ok ? null : read.sentence);
    if (read.ok && !isEmpty) open(read.name, read.text);
  };
  const picker = useFilePicker("File of payments", TABLE_FILES, (picked) => {
    void take(picked);
  });
  return (
    <section className={styles.actual} aria-label="Actual payments">
      <p>
        Compare actual payments: paste or type them here, or{" "}
        <WordButton onClick={picker.open}>read a CSV file</WordButton>
        {picker.input}
      </p>
      <PaymentsField />
      {actual !== null && (
        <p className="quiet">
          {whereKept(actual.file, isKept)} <WordButton onClick={remove}>Remove the list</WordButton>
        </p>
      )}
      {complaint !== null && <p className="complaint">{complaint}</p>}
      {table !== null && <ReadFrom {...props} table={table} />}
    </section>
  );
}

function whereKept(file: string, isKept: boolean): string {
  const list = file === "" ? "The list" : `“${file}”`;
  return isKept
    ? `${list} is saved with this problem.`
    : `${list} is too long to save with this problem: it is compared until you close the page.`;
}

function ReadFrom({ table, ...props }: SchedulePartProps & { readonly table: ReadTable }) {
  const { actual } = useActualPayments();
  const chosen = actual?.chosen;
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
  if (!table.ok) return <p className="complaint">{table.sentence}</p>;
  if (understanding === null || read === null) return null;
  return (
    <>
      <HowItIsRead table={table} understanding={understanding} />
      {read.ok ? (
        <AgainstPlanTable {...props} read={read} />
      ) : (
        <p className="complaint">{read.sentence}</p>
      )}
    </>
  );
}
