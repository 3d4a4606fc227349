import { useAnswerFormat } from "../problem/answer/use-answer-format";
import {
  writeRate,
  lookUp,
  printedFactor,
  type FactorTable,
  fixedFactor,
  tableName,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { useVirtualizer, type VirtualItem } from "@tanstack/react-virtual";
import { memo, useRef, useState, type CSSProperties, type MouseEvent } from "react";
import { KeepTable } from "./KeepTable";
import { useDesk } from "../desk/desk";
import styles from "./Tables.module.css";

interface FactorGridProps {
  readonly table: FactorTable;
  readonly decimals: number;
  /** What is looked up; `null` where nothing can be. */
  readonly percent: number | null;
  readonly count: number | null;
}

/** A finger needs more room than a pointer, as for all that is pressed. */
function rowHeight(): number {
  return matchMedia("(max-width: 640px), (pointer: coarse)").matches ? 44 : 27;
}

/** Room for the widest factor and the space around it. */
function columnWidth(
  { rows, percents }: FactorTable,
  decimals: number,
  format: AnswerFormat,
): number {
  const corners = [rows[0]?.[0], rows[0]?.at(-1), rows.at(-1)?.[0], rows.at(-1)?.at(-1)];
  const longest = Math.max(
    ...corners.map((factor) => fixedFactor(factor ?? 0, decimals, format).length),
    ...percents.map((percent) => writeRate(percent, format).length),
  );
  return 26 + Math.ceil(8.2 * longest);
}

const COUNTS_WIDTH = 84;

/**
 * The table itself: pressing a factor looks it up, and its row and its column light up. Only the factors in
 * sight are on the page.
 */
export function FactorGrid({ table, decimals, percent, count }: FactorGridProps) {
  const format = useAnswerFormat();
  const change = useDesk((state) => state.change);
  const frame = useRef<HTMLDivElement>(null);
  const { percents, periods, rows } = table;
  const [height] = useState(rowHeight);
  const width = columnWidth(table, decimals, format);
  const down = useVirtualizer({
    count: periods.length,
    getScrollElement: () => frame.current,
    estimateSize: () => height,
    overscan: 1,
    paddingStart: height,
  });
  const across = useVirtualizer({
    horizontal: true,
    count: percents.length,
    getScrollElement: () => frame.current,
    estimateSize: () => width,
    getItemKey: (column) => `${width} ${column}`,
    overscan: 1,
    paddingStart: COUNTS_WIDTH,
  });
  const columns = across.getVirtualItems();
  const lines = down.getVirtualItems();
  const before = (columns[0]?.start ?? COUNTS_WIDTH) - COUNTS_WIDTH;
  const after = across.getTotalSize() - (columns.at(-1)?.end ?? 0);
  const above = (lines[0]?.start ?? height) - height;
  const below = down.getTotalSize() - (lines.at(-1)?.end ?? 0);
  const found = percent === null || count === null ? null : lookUp(table, percent, count, decimals);
  const isLit = (column: number) =>
    found !== null && (column === found.column || (found.isBetween && column === found.column + 1));
  const press = ({ target }: MouseEvent) => {
    const cell = target instanceof Element ? target.closest("td") : null;
    const column = Number(cell?.dataset["column"] ?? NaN);
    const row = Number(cell?.parentElement?.dataset["row"] ?? NaN);
    const [chosen, periodsThere] = [percents[column], periods[row]];
    if (chosen === undefined || periodsThere === undefined) return;
    change("table", { rate: writeRate(chosen, format, 10), periods: String(periodsThere) });
  };
  return (
    <section className={styles.grid} aria-label="The table">
      <div className={styles.tools}>
        <h2>{tableName(table.terms, format)}</h2>
        <KeepTable table={table} decimals={decimals} />
      </div>
      <div ref={frame} className={styles.frame} role="region" aria-label="Factors" tabIndex={0}>
        <table
          className={styles.factors}
          style={{ width: across.getTotalSize(), "--row-height": `${height}px` } as CSSProperties}
          aria-rowcount={periods.length + 1}
          aria-colcount={percents.length + 1}
          onClick={press}
        >
          <colgroup>
            <col style={{ width: COUNTS_WIDTH }} />
            <col style={{ width: before }} />
            {columns.map(({ index }) => (
              <col
                key={index}
                style={{ width }}
                className={isLit(index) ? styles.litColumn : undefined}
              />
            ))}
            <col style={{ width: after }} />
          </colgroup>
          <thead>
            <tr>
              <th scope="col">Periods</th>
              <td />
              {columns.map(({ index }) => (
                <th key={index} scope="col" aria-colindex={index + 2}>
                  {writeRate(percents[index] ?? 0, format)}
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {above > 0 && <tr aria-hidden style={{ height: above }} />}
            {lines.map(({ index }) => (
              <FactorRow
                key={index}
                row={index}
                count={periods[index] ?? 0}
                factors={rows[index] ?? NO_FACTORS}
                columns={columns}
                decimals={decimals}
                litColumn={found?.row === index ? found.column : -1}
                isBetween={found?.row === index && found.isBetween}
              />
            ))}
            {below > 0 && <tr aria-hidden style={{ height: below }} />}
          </tbody>
        </table>
      </div>
    </section>
  );
}

const NO_FACTORS: readonly number[] = [];

interface FactorRowProps {
  readonly row: number;
  readonly count: number;
  readonly factors: readonly number[];
  /** Those in sight. */
  readonly columns: readonly VirtualItem[];
  readonly decimals: number;
  /** −1 where the row is not looked up. */
  readonly litColumn: number;
  readonly isBetween: boolean;
}

/** Unchanged rows are not rendered again. */
const FactorRow = memo(function FactorRow(props: FactorRowProps) {
  const format = useAnswerFormat();
  const { row, count, factors, columns, decimals, litColumn, isBetween } = props;
  const isCrossing = (column: number) =>
    litColumn >= 0 && (column === litColumn || (isBetween && column === litColumn + 1));
  const look = [litColumn >= 0 ? styles.litRow : "", count % 5 === 0 ? styles.fifth : ""];
  return (
    <tr className={look.filter(Boolean).join(" ")} data-row={row} aria-rowindex={row + 2}>
      <th scope="row">{count}</th>
      <td />
      {columns.map(({ index }) => (
        <td
          key={index}
          data-column={index}
          aria-colindex={index + 2}
          className={isCrossing(index) ? styles.crossing : undefined}
        >
          {fixedFactor(printedFactor(factors[index] ?? 0, decimals), decimals, format)}
        </td>
      ))}
      <td />
    </tr>
  );
});
