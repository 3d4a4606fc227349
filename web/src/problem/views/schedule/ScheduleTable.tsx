import { useVirtualizer } from "@tanstack/react-virtual";
import {
  useDeferredValue,
  useEffect,
  useEffectEvent,
  useMemo,
  useRef,
  useState,
  type CSSProperties,
} from "react";
import { useTimesSaid } from "../../document/use-times-said";
import { goTo } from "./go-to";
import { KeepSchedule } from "./KeepSchedule";
import { useScheduleChoice } from "./schedule-choice";
import { shownSchedule, type ShownRow } from "./shown-rows";
import { shownColumns } from "./schedule-columns";
import { Head, RowCells, Totals } from "./ScheduleRows";
import type { SchedulePartProps } from "./ScheduleSummary";
import { WordButton } from "../../../ui/Buttons";
import styles from "./Table.module.css";

/** A finger needs more room than a pointer, as for all that is pressed. */
function rowHeight(): number {
  return matchMedia("(max-width: 640px), (pointer: coarse)").matches ? 44 : 33;
}

/** Every payment, in years that open and close; only the rows in sight are on the page. */
export function ScheduleTable(props: SchedulePartProps) {
  const { account, firstDate, format } = props;
  const [choice, change] = useScheduleChoice();
  const said = useTimesSaid();
  const typed = useDeferredValue(choice.goTo);
  const shown = useMemo(
    () => shownSchedule(account, firstDate, choice.open),
    [account, firstDate, choice.open],
  );
  const columns = useMemo(
    () => shownColumns(account, firstDate, format),
    [account, firstDate, format],
  );
  const found = useMemo(
    () => goTo(typed, account, { firstDate, said, format }),
    [typed, account, firstDate, said, format],
  );
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
  const bringIntoSight = useEffectEvent((payment: number) => {
    const index = shown.rows.findIndex(
      (row) => row.kind === "payment" && row.row.payment === payment,
    );
    if (index < 0) {
      const year = years.find(({ from, to }) => from <= payment && payment <= to)?.year;
      if (year !== undefined) turn(year);
      return;
    }
    windowed.scrollToIndex(index, { align: "center" });
    if (payment !== gone.current) frame.current?.scrollIntoView({ block: "nearest" });
    gone.current = payment;
  });
  useEffect(() => {
    if (wanted !== null) bringIntoSight(wanted);
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
        {found.state === "none" && <span className="complaint">{found.sentence}</span>}
        <span className={styles.toolWords}>
          {years.length > 0 && (
            <>
              <WordButton onClick={() => openYears("all")}>Expand all years</WordButton>
              <WordButton onClick={() => openYears("none")}>Years only</WordButton>
            </>
          )}
          <KeepSchedule {...props} />
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
              "--figures": columns.heads.length - (firstDate === null ? 2 : 3),
              "--row-height": `${height}px`,
            } as CSSProperties
          }
        >
          <Head heads={columns.heads} />
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
                  <RowCells row={row} cells={columns.cellsOf(row)} turn={turn} />
                </div>
              );
            })}
          </div>
          <Totals totals={columns.totals} rowIndex={shown.rows.length + 2} />
        </div>
      </div>
    </>
  );
}

function keyOf(row: ShownRow): string {
  if (row.kind === "before") return row.kind;
  return row.kind === "year" ? `year ${row.year.year}` : String(row.row.payment);
}

function classOf(row: ShownRow, wanted: number | null): string {
  const own = row.kind === "year" ? styles.year : styles.row;
  const isWanted = row.kind === "payment" && row.row.payment === wanted;
  return [own, isWanted ? styles.wanted : ""].join(" ");
}
