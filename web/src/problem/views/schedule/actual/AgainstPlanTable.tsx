import { useAnswerFormat } from "../../../answer/use-answer-format";
import {
  againstPlan,
  paymentDate,
  writeMoney,
  type AgainstRow,
  type AnswerFormat,
  type Schedule,
  writeFigure,
} from "@kestrelmoor/core";
import { useMemo } from "react";
import { SaveCsvButton } from "../../SaveCsvButton";
import { afterWords } from "../after-words";
import { scheduleWords } from "@kestrelmoor/core/teaching";
import type { SchedulePartProps } from "../ScheduleSummary";
import type { ReadPayments } from "./payments-in";
import { againstWords } from "./against-words";
import { Figures } from "../../../../ui/Figures";
import { Sideways } from "../../../../ui/Sideways";
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
  const whenOf = ({ payment, time }: AgainstRow) =>
    (firstDate === null ? null : paymentDate(firstDate, account.every, payment - 1)) ??
    afterWords(time, format);
  const columns = comparisonColumns(account.schedule, whenOf, money, format);
  return (
    <>
      <BadRows bad={read.bad} />
      {read.isTurned && (
        <p className="quiet">
          All amounts are negative, as banks show money out; they are taken as payments.
        </p>
      )}
      <p role="status">{againstWords(found, account.schedule, money, format)}</p>
      {found.rows.length > 0 && (
        <>
          <Sideways name="Actual and planned payments" className={styles.scroll}>
            <Figures
              className={styles.table}
              heads={columns.map(({ head }) => head)}
              rows={found.rows.slice(0, MOST_SHOWN).map((row) => ({
                key: row.payment,
                cells: columns.map(({ shown }) => shown(row)),
              }))}
            />
          </Sideways>
          <p>
            {found.rows.length > MOST_SHOWN && (
              <span className="quiet">
                {writeFigure(found.rows.length - MOST_SHOWN, format)} more rows are in the saved
                comparison.{" "}
              </span>
            )}
            <SaveCsvButton
              words="Save the comparison as CSV"
              ending="-against-plan.csv"
              format={format}
              figures={() => ({
                heads: columns.map(({ head }) => head),
                rows: found.rows.map((row) => columns.map(({ figure }) => figure(row))),
              })}
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
    <div className="complaint">
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

interface ComparisonColumn {
  readonly head: string;
  readonly shown: (row: AgainstRow) => string;
  /** As it is saved: with all its digits. */
  readonly figure: (row: AgainstRow) => number | string;
}

/** The columns of the comparison, on the screen and in the saved file. */
function comparisonColumns(
  schedule: Schedule,
  whenOf: (row: AgainstRow) => string,
  money: (amount: number) => string,
  format: AnswerFormat,
): readonly ComparisonColumn[] {
  const { paid, after } = scheduleWords(schedule);
  const inMoney = (head: string, figure: (row: AgainstRow) => number): ComparisonColumn => ({
    head,
    figure,
    shown: (row) => money(figure(row)),
  });
  return [
    {
      head: "Payment",
      shown: ({ payment }) => writeFigure(payment, format),
      figure: ({ payment }) => payment,
    },
    { head: "Time", shown: whenOf, figure: whenOf },
    inMoney("Planned", ({ planned }) => planned),
    inMoney(paid, (row) => row.paid),
    {
      head: "Difference",
      shown: (row) => (isSame(row) ? "" : signed(row.paid - row.planned, money)),
      figure: (row) => row.paid - row.planned,
    },
    inMoney(`${after}, planned`, ({ plannedBalance }) => plannedBalance),
    inMoney(`${after}, actual`, ({ balance }) => balance),
  ];
}
