import { useAnswerFormat } from "../../../answer/use-answer-format";
import {
  againstPlan,
  paymentDate,
  writeMoney,
  type AgainstPlan,
  type AgainstRow,
  writeFigure,
} from "@kestrelmoor/core";
import { useMemo } from "react";
import type { FigureTable } from "../../figure-table";
import { SaveCsvButton } from "../../SaveCsvButton";
import { afterWords } from "../after-words";
import { scheduleWords } from "../schedule-words";
import type { SchedulePartProps } from "../ScheduleSummary";
import type { ReadPayments } from "./payments-in";
import { againstWords } from "./against-words";
import styles from "./Actual.module.css";

/** More rows than this are in the saved file alone. */
const MOST_SHOWN = 400;
const MOST_BAD_SHOWN = 12;

interface AgainstPlanTableProps extends SchedulePartProps {
  readonly read: Extract<ReadPayments, { ok: true }>;
}

/** Plan and reality, payment by payment, and what could not be read. */
export function AgainstPlanTable({ read, account, firstDate, format }: AgainstPlanTableProps) {
  const found = useMemo(() => againstPlan(account.run, read.payments), [account, read]);
  const money = (amount: number) => writeMoney(amount, format);
  const words = scheduleWords(account.schedule);
  const whenOf = ({ payment, time }: AgainstRow) =>
    (firstDate === null ? null : paymentDate(firstDate, account.every, payment - 1)) ??
    afterWords(time, format);
  return (
    <>
      <BadRows bad={read.bad} />
      {read.isTurned && (
        <p className={styles.quiet}>
          All amounts are negative, as banks show money out; they are taken as payments.
        </p>
      )}
      <p role="status">{againstWords(found, account.schedule, money, format)}</p>
      {found.rows.length > 0 && (
        <>
          <div
            className={styles.scroll}
            role="region"
            aria-label="Actual and planned payments"
            tabIndex={0}
          >
            <table className={`figures ${styles.table ?? ""}`}>
              <thead>
                <tr>
                  {[
                    "Payment",
                    "Time",
                    "Planned",
                    words.paid,
                    "Difference",
                    `${words.after}, planned`,
                    `${words.after}, actual`,
                  ].map((head) => (
                    <th key={head} scope="col">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {found.rows.slice(0, MOST_SHOWN).map((row) => (
                  <tr key={row.payment}>
                    <th scope="row">{writeFigure(row.payment, format)}</th>
                    <td>{whenOf(row)}</td>
                    <td>{money(row.planned)}</td>
                    <td>{money(row.paid)}</td>
                    <td>{isSame(row) ? "" : signed(row.paid - row.planned, money)}</td>
                    <td>{money(row.plannedBalance)}</td>
                    <td>{money(row.balance)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p>
            {found.rows.length > MOST_SHOWN && (
              <span className={styles.quiet}>
                {writeFigure(found.rows.length - MOST_SHOWN, format)} more rows are in the saved
                comparison.{" "}
              </span>
            )}
            <SaveCsvButton
              words="Save the comparison as CSV"
              ending="-against-plan.csv"
              format={format}
              figures={() => figuresOf(found, whenOf)}
            />
          </p>
        </>
      )}
    </>
  );
}

function BadRows({ bad }: { readonly bad: Extract<ReadPayments, { ok: true }>["bad"] }) {
  const format = useAnswerFormat();
  if (bad.length === 0) return null;
  const [one, many] = ["1 row could not be read:", "rows could not be read:"];
  return (
    <div className={styles.complaint}>
      <p>{bad.length === 1 ? one : `${writeFigure(bad.length, format)} ${many}`}</p>
      <ul className={styles.bad} aria-label="Rows that could not be read">
        {bad.slice(0, MOST_BAD_SHOWN).map(({ number, sentence }) => (
          <li key={number}>
            Row {writeFigure(number, format)}: {sentence}
          </li>
        ))}
        {bad.length > MOST_BAD_SHOWN && (
          <li>And {writeFigure(bad.length - MOST_BAD_SHOWN, format)} more.</li>
        )}
      </ul>
    </div>
  );
}

function isSame({ paid, planned }: AgainstRow): boolean {
  return Math.abs(paid - planned) < 0.005;
}

function signed(amount: number, money: (amount: number) => string): string {
  return amount > 0 ? `+${money(amount)}` : money(amount);
}

function figuresOf({ rows }: AgainstPlan, whenOf: (row: AgainstRow) => string): FigureTable {
  return {
    heads: [
      "Payment",
      "Time",
      "Planned",
      "Paid",
      "Difference",
      "Closing balance, planned",
      "Closing balance, actual",
    ],
    rows: rows.map((row) => [
      row.payment,
      whenOf(row),
      row.planned,
      row.paid,
      row.paid - row.planned,
      row.plannedBalance,
      row.balance,
    ]),
  };
}
