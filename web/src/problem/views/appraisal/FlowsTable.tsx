import {
  writeRate,
  writeMoney,
  type AppraisalSubject,
  type ProjectFlow,
  writeFigure,
} from "@kestrelmoor/core";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useMemo, useRef } from "react";
import { SaveCsvButton } from "../SaveCsvButton";
import { flowFigures, flowRows, whenOf, type FlowRow } from "./flow-figures";
import styles from "./Appraisal.module.css";

interface FlowsTableProps {
  readonly subject: AppraisalSubject;
  readonly flows: readonly ProjectFlow[];
  readonly firstDate: string | null;
}

const ROW_HEIGHT = 33;

/** Every date of the project: its factor, what it is worth today, and where the project stands by then. */
export function FlowsTable({ subject, flows, firstDate }: FlowsTableProps) {
  const { format, hurdlePercent } = subject;
  const rows = useMemo(() => flowRows(subject, flows, firstDate), [subject, flows, firstDate]);
  const frame = useRef<HTMLDivElement>(null);
  const windowed = useVirtualizer({
    count: rows.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 10,
  });
  const money = (amount: number) => writeMoney(amount, format);
  const hasLabels = rows.some(({ label }) => label !== "");
  const heads = [
    "Time",
    ...(hasLabels ? ["Description"] : []),
    "Cash flow",
    "Discount factor",
    "Present value",
    "Cumulative",
    "Cumulative PV",
  ];
  const cells = (row: FlowRow): readonly string[] => [
    whenOf(row, format),
    ...(hasLabels ? [row.label] : []),
    money(row.amount),
    writeMoney(row.discountFactor, { ...format, decimals: 6, sign: "" }),
    money(row.presentValue),
    money(row.total),
    money(row.discountedTotal),
  ];
  const total = windowed.getTotalSize();
  const seen = windowed.getVirtualItems();
  const above = seen[0]?.start ?? 0;
  const below = total - (seen.at(-1)?.end ?? 0);
  return (
    <section aria-label="Cash flows by date" className={styles.dates}>
      <div className={styles.tools}>
        <h3>
          {rows.length === 1 ? "1 cash flow" : `${writeFigure(rows.length, format)} cash flows`},
          discounted at {writeRate(hurdlePercent, format)} a year
        </h3>
        <SaveCsvButton
          words="Save as CSV"
          ending=".flows.csv"
          format={format}
          figures={() => flowFigures(rows)}
        />
      </div>
      <div
        ref={frame}
        className={styles.frame}
        role="region"
        aria-label="Table of cash flows"
        tabIndex={0}
      >
        <table className={styles.table} aria-rowcount={rows.length + 1}>
          <thead>
            <tr>
              {heads.map((head, place) => (
                <th key={head} scope="col" className={isWord(place, hasLabels) ? styles.word : ""}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {above > 0 && <Gap height={above} />}
            {seen.map(({ index }) => {
              const row = rows[index];
              if (row === undefined) return null;
              const texts = cells(row);
              return (
                <tr
                  key={index}
                  aria-rowindex={index + 2}
                  data-back={row.isBack || row.isBackDiscounted}
                >
                  {texts.map((text, place) => (
                    <td
                      key={heads[place]}
                      className={isWord(place, hasLabels) ? styles.word : ""}
                      title={isWord(place, hasLabels) ? text : undefined}
                    >
                      {row.isBack && place === texts.length - 2 && <Back />}
                      {row.isBackDiscounted && place === texts.length - 1 && <Back />}
                      {text}
                    </td>
                  ))}
                </tr>
              );
            })}
            {below > 0 && <Gap height={below} />}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function isWord(place: number, hasLabels: boolean): boolean {
  return place === 0 || (hasLabels && place === 1);
}

/** Marks the date by which the outlay is recovered. */
function Back() {
  return <span className={styles.back}>recovered </span>;
}

function Gap({ height }: { readonly height: number }) {
  return (
    <tr aria-hidden>
      <td className={styles.gap} style={{ height }} />
    </tr>
  );
}
