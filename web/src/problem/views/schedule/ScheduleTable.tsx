import { writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useDeferredValue, useEffect, useMemo, useRef, useState, type CSSProperties } from "react";
import { fileNameOf, saveAsFile } from "../../../ui/save-as-file";
import { useDocumentState } from "../../document/document-context";
import { afterWords } from "./after-words";
import { csvText } from "../figure-table";
import type { ScheduleAccount } from "./account-of";
import { goTo } from "./go-to";
import { scheduleFigures } from "./schedule-figures";
import { useScheduleChoice } from "./schedule-choice";
import { shownSchedule, type ShownRow } from "./shown-rows";
import type { SchedulePartProps } from "./ScheduleSummary";
import styles from "./Schedule.module.css";

/** A finger needs more room than a pointer, as for all that is pressed. */
function rowHeight(): number {
  return matchMedia("(max-width: 640px), (pointer: coarse)").matches ? 44 : 33;
}

/** Every payment, in years that open and close; only the rows in sight are on the page. */
export function ScheduleTable(props: SchedulePartProps) {
  const { account, firstDate, format } = props;
  const [choice, change] = useScheduleChoice();
  const typed = useDeferredValue(choice.goTo);
  const shown = useMemo(
    () => shownSchedule(account, firstDate, choice.open),
    [account, firstDate, choice.open],
  );
  const found = useMemo(() => goTo(typed, account, firstDate), [typed, account, firstDate]);
  const wanted = found.state === "found" ? found.row.payment : null;
  const frame = useRef<HTMLDivElement>(null);
  const [height] = useState(rowHeight);
  const windowed = useVirtualizer({
    count: shown.rows.length,
    getScrollElement: () => frame.current,
    estimateSize: () => height,
    overscan: 8,
  });

  const { years } = shown;
  const openYears = (wish: "all" | "none") =>
    change({ open: new Set(wish === "all" ? years.map(({ year }) => year) : []) });
  const isOpen = (year: number) =>
    shown.rows.some((row) => row.kind === "year" && row.year.year === year && row.isOpen);
  const turn = (year: number) => {
    const open = new Set(years.map((one) => one.year).filter(isOpen));
    if (!open.delete(year)) open.add(year);
    change({ open });
  };

  // A payment that is asked for is brought into sight; its year is opened first. What was asked for before
  // the view was opened moves the table, but not the page.
  const gone = useRef(wanted);
  useEffect(() => {
    if (wanted === null) return;
    const index = shown.rows.findIndex(
      (row) => row.kind === "payment" && row.row.payment === wanted,
    );
    if (index >= 0) {
      windowed.scrollToIndex(index, { align: "center" });
      if (wanted !== gone.current) frame.current?.scrollIntoView({ block: "nearest" });
      gone.current = wanted;
    } else {
      const year = years.find(({ from, to }) => from <= wanted && wanted <= to)?.year;
      if (year !== undefined) turn(year);
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is wanted moves the table, not its scrolling
  }, [wanted, shown]);

  return (
    <>
      <div className={styles.tools}>
        <label>
          Go to{" "}
          <input
            className={`ink-field ${styles.goTo ?? ""}`}
            aria-label="Go to a payment, a time, a date or a balance"
            placeholder="63, 2 years, below 10,000"
            maxLength={40}
            value={choice.goTo}
            onChange={({ target }) => change({ goTo: target.value })}
          />
        </label>
        {found.state === "none" && <span className={styles.complaint}>{found.sentence}</span>}
        <span className={styles.toolWords}>
          {years.length > 0 && (
            <>
              <button type="button" className="word-button" onClick={() => openYears("all")}>
                Open every year
              </button>
              <button type="button" className="word-button" onClick={() => openYears("none")}>
                Years alone
              </button>
            </>
          )}
          <SaveCsv {...props} />
        </span>
      </div>
      <div
        ref={frame}
        className={styles.frame}
        role="region"
        aria-label="Every payment"
        tabIndex={0}
      >
        <div
          role="table"
          aria-label="Schedule"
          aria-rowcount={shown.rows.length + 2}
          className={styles.table}
          data-dated={firstDate !== null}
          style={
            {
              "--figures": figuresIn(account),
              "--row-height": `${height}px`,
            } as CSSProperties
          }
        >
          <Head account={account} isDated={firstDate !== null} />
          <div role="rowgroup" className={styles.body} style={{ height: windowed.getTotalSize() }}>
            {windowed.getVirtualItems().map(({ index, start }) => {
              const row = shown.rows[index];
              return row === undefined ? null : (
                <div
                  key={keyOf(row)}
                  role="row"
                  aria-rowindex={index + 2}
                  className={classOf(row, wanted)}
                  style={{ transform: `translateY(${start}px)` }}
                >
                  {row.kind === "year" ? (
                    <YearCells {...{ row, account, firstDate, format, turn }} />
                  ) : (
                    <PaymentCells {...{ row, account, firstDate, format }} />
                  )}
                </div>
              );
            })}
          </div>
          <Totals {...props} rowIndex={shown.rows.length + 2} />
        </div>
      </div>
    </>
  );
}

/** Columns of money in each row. */
function figuresIn({ hasOthers, schedule }: ScheduleAccount): number {
  return 5 + (hasOthers ? 1 : 0) + (schedule.kind === "repaying" ? 1 : 0);
}

function keyOf(row: ShownRow): string {
  return row.kind === "year" ? `year ${row.year.year}` : String(row.row.payment);
}

function classOf(row: ShownRow, wanted: number | null): string {
  const own = row.kind === "year" ? styles.year : styles.row;
  const isWanted = row.kind === "payment" && row.row.payment === wanted;
  return [own, isWanted ? styles.wanted : ""].join(" ");
}

function Head({ account, isDated }: { account: ScheduleAccount; isDated: boolean }) {
  const isLoan = account.schedule.kind === "repaying";
  const names = [
    "Payment",
    "When",
    ...(isDated ? ["Date"] : []),
    isLoan ? "Owed before" : "There before",
    "Interest",
    ...(account.hasOthers ? ["Other money"] : []),
    isLoan ? "Paid" : "Put in",
    ...(isLoan ? ["Principal"] : []),
    isLoan ? "Owed after" : "There after",
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

function PaymentCells({
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
      {account.schedule.kind === "repaying" && <span role="cell">{money(row.principal)}</span>}
      <span role="cell">{money(row.balance)}</span>
      <span role="cell">{money(interestSoFar)}</span>
    </>
  );
}

function YearCells({
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
      {account.schedule.kind === "repaying" && (
        <span role="cell">{money(year.totals.principal)}</span>
      )}
      <span role="cell">{money(year.balance)}</span>
      <span role="cell" />
    </>
  );
}

function Totals({
  account,
  firstDate,
  format,
  rowIndex,
}: SchedulePartProps & { readonly rowIndex: number }) {
  const { schedule } = account;
  const money = (amount: number) => writeMoney(amount, format);
  const principal = schedule.rows.reduce((sum, row) => sum + row.principal, 0);
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
        {schedule.kind === "repaying" && <span role="cell">{money(principal)}</span>}
        <span role="cell" />
        <span role="cell" />
      </div>
    </div>
  );
}

function SaveCsv({ account, firstDate, format }: SchedulePartProps) {
  const title = useDocumentState(({ draft }) => draft.title);
  return (
    <button
      type="button"
      className="word-button"
      onClick={() =>
        saveAsFile(
          fileNameOf(title, "-schedule.csv"),
          csvText(scheduleFigures(account, firstDate), format),
          "text/csv",
        )
      }
    >
      Save as CSV
    </button>
  );
}
