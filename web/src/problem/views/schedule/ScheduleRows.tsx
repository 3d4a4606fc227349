import { spanWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";
import { scheduleWords } from "./schedule-words";
import type { ShownRow } from "./shown-rows";
import type { SchedulePartProps } from "./ScheduleSummary";
import styles from "./Schedule.module.css";

/** Columns of money in each row. */
export function figuresIn({ hasOthers, schedule }: ScheduleAccount): number {
  const isThere = [hasOthers, hasExtras(schedule), schedule.kind === "repaying"];
  return 5 + isThere.filter(Boolean).length;
}

function hasExtras({ totalExtra }: ScheduleAccount["schedule"]): boolean {
  return totalExtra !== 0;
}

export function Head({ account, isDated }: { account: ScheduleAccount; isDated: boolean }) {
  const isLoan = account.schedule.kind === "repaying";
  const words = scheduleWords(account.schedule);
  const names = [
    "Payment",
    "When",
    ...(isDated ? ["Date"] : []),
    words.before,
    "Interest",
    ...(account.hasOthers ? ["Other money"] : []),
    words.paid,
    ...(hasExtras(account.schedule) ? ["Of it extra"] : []),
    ...(isLoan ? ["Principal"] : []),
    words.after,
    "Interest so far",
  ];
  return (
    <div role="rowgroup" className={styles.head}>
      <div role="row" aria-rowindex={1} className={styles.row}>
        {names.map((name) => (
          <span key={name} role="columnheader">
            {name}
          </span>
        ))}
      </div>
    </div>
  );
}

interface CellsProps {
  readonly account: ScheduleAccount;
  readonly firstDate: string | null;
  readonly format: AnswerFormat;
}

export function PaymentCells({
  row: shown,
  account,
  firstDate,
  format,
}: CellsProps & { readonly row: Extract<ShownRow, { kind: "payment" }> }) {
  const { row, date, interestSoFar } = shown;
  const money = (amount: number) => writeMoney(amount, format);
  return (
    <>
      <span role="rowheader">{row.payment.toLocaleString("en")}</span>
      <span role="cell">{afterWords(row.time)}</span>
      {firstDate !== null && <span role="cell">{date ?? "–"}</span>}
      <span role="cell">{money(row.opening)}</span>
      <span role="cell">{money(row.interest)}</span>
      {account.hasOthers && <span role="cell">{row.other === 0 ? "" : money(row.other)}</span>}
      <span role="cell">{money(row.paid)}</span>
      {hasExtras(account.schedule) && (
        <span role="cell">{row.extra === 0 ? "" : money(row.extra)}</span>
      )}
      {account.schedule.kind === "repaying" && <span role="cell">{money(row.principal)}</span>}
      <span role="cell">{money(row.balance)}</span>
      <span role="cell">{money(interestSoFar)}</span>
    </>
  );
}

/** What was there before the first period of the payments began. */
export function BeforeCells({
  row: { before },
  account,
  firstDate,
  format,
}: CellsProps & { readonly row: Extract<ShownRow, { kind: "before" }> }) {
  const money = (amount: number) => writeMoney(amount, format);
  return (
    <>
      <span role="rowheader">Before</span>
      <span role="cell">up to {spanWords(before.time)}</span>
      {firstDate !== null && <span role="cell" />}
      <span role="cell" />
      <span role="cell">{money(before.interest)}</span>
      {account.hasOthers && <span role="cell">{money(before.other)}</span>}
      <span role="cell" />
      {hasExtras(account.schedule) && <span role="cell" />}
      {account.schedule.kind === "repaying" && <span role="cell">{money(-before.interest)}</span>}
      <span role="cell">{money(before.balance)}</span>
      <span role="cell">{money(before.interest)}</span>
    </>
  );
}

export function YearCells({
  row,
  account,
  firstDate,
  format,
  turn,
}: CellsProps & {
  readonly row: Extract<ShownRow, { kind: "year" }>;
  readonly turn: (year: number) => void;
}) {
  const { year, isOpen } = row;
  const money = (amount: number) => writeMoney(amount, format);
  const name = firstDate === null ? `Year ${year.year}` : String(year.year);
  const payments = year.to - year.from + 1;
  return (
    <>
      <span role="rowheader">
        <button
          type="button"
          className={styles.turn}
          aria-expanded={isOpen}
          onClick={() => turn(year.year)}
        >
          {name}
        </button>
      </span>
      <span role="cell">{payments === 1 ? "1 payment" : `${payments} payments`}</span>
      {firstDate !== null && <span role="cell" />}
      <span role="cell" />
      <span role="cell">{money(year.totals.interest)}</span>
      {account.hasOthers && <span role="cell" />}
      <span role="cell">{money(year.totals.paid)}</span>
      {hasExtras(account.schedule) && (
        <span role="cell">{year.totals.extra === 0 ? "" : money(year.totals.extra)}</span>
      )}
      {account.schedule.kind === "repaying" && (
        <span role="cell">{money(year.totals.principal)}</span>
      )}
      <span role="cell">{money(year.balance)}</span>
      <span role="cell" />
    </>
  );
}

export function Totals({
  account,
  firstDate,
  format,
  rowIndex,
}: SchedulePartProps & { readonly rowIndex: number }) {
  const { schedule } = account;
  const money = (amount: number) => writeMoney(amount, format);
  // Interest of the time before is not paid then: it adds to what is to be repaid.
  const principal = schedule.rows.reduce(
    (sum, row) => sum + row.principal,
    -(schedule.before?.interest ?? 0),
  );
  return (
    <div role="rowgroup" className={styles.totals}>
      <div role="row" aria-rowindex={rowIndex} className={styles.row}>
        <span role="rowheader">In all</span>
        <span role="cell" />
        {firstDate !== null && <span role="cell" />}
        <span role="cell" />
        <span role="cell">{money(schedule.totalInterest)}</span>
        {account.hasOthers && <span role="cell" />}
        <span role="cell">{money(schedule.totalPaid)}</span>
        {hasExtras(schedule) && <span role="cell">{money(schedule.totalExtra)}</span>}
        {schedule.kind === "repaying" && <span role="cell">{money(principal)}</span>}
        <span role="cell" />
        <span role="cell" />
      </div>
    </div>
  );
}
