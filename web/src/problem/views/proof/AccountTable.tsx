import { sentenceOf, writeMoney, type AnswerFormat, isUpTo } from "@kestrelmoor/core";
import type { AccountLife, AccountRow } from "@kestrelmoor/core/teaching";
import { readTime } from "@kestrelmoor/core/typing";
import { Fragment } from "react";
import { whenWords } from "../../timeline/timeline-words";
import styles from "./Proof.module.css";

interface AccountTableProps {
  readonly life: AccountLife;
  readonly format: AnswerFormat;
  /** A time, as it is typed, whose row is wanted too. */
  readonly wanted: string;
  readonly onWant: (typed: string) => void;
}

/** Rows told at the beginning and at the end. */
const AT_EACH_END = 3;

/** The first and the last rows of the account, and any that is asked for in between. */
export function AccountTable({ life, format, wanted, onWant }: AccountTableProps) {
  const { rows, kind } = life;
  const isLong = rows.length > 2 * AT_EACH_END + 1;
  const middle = isLong ? rowAt(rows, wanted) : null;
  const first = isLong ? rows.slice(0, AT_EACH_END) : rows;
  const last = isLong ? rows.slice(-AT_EACH_END) : [];
  const isNew = middle !== null && !first.includes(middle) && !last.includes(middle);
  const read = readTime(wanted);
  const left = rows.length - first.length - last.length - (isNew ? 1 : 0);
  return (
    <>
      {isLong && (
        <p className={styles.sentence}>
          <label>
            Show also the row{" "}
            <input
              className={`ink-field ${styles.when ?? ""}`}
              aria-label="Row to show: a time"
              placeholder="after 2 years"
              maxLength={60}
              value={wanted}
              onChange={({ target }) => onWant(target.value)}
            />
          </label>
          {wanted.trim() !== "" && !read.ok && read.issues[0] !== undefined && (
            <span className={styles.complaint}> {sentenceOf(read.issues[0], format)}</span>
          )}
        </p>
      )}
      <div className={styles.scroll} role="region" aria-label="The account" tabIndex={0}>
        <table className={`figures ${styles.table ?? ""}`}>
          <thead>
            <tr>
              <th scope="col">Time</th>
              <th scope="col">Opening balance</th>
              <th scope="col">Interest</th>
              <th scope="col">{kind === "owed" ? "Borrowed / repaid" : "Deposited / withdrawn"}</th>
              <th scope="col">Closing balance</th>
            </tr>
          </thead>
          <tbody>
            {first.map((row) => (
              <Row key={row.time} row={row} format={format} />
            ))}
            {isLong && left > 0 && !isNew && <Gap count={left} />}
            {isNew && (
              <Fragment>
                <Gap count={rows.indexOf(middle) - AT_EACH_END} />
                <Row row={middle} format={format} isWanted />
                <Gap count={rows.length - AT_EACH_END - rows.indexOf(middle) - 1} />
              </Fragment>
            )}
            {last.map((row) => (
              <Row key={row.time} row={row} format={format} />
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

/** The last row on or before a typed time. */
export function rowAt(rows: readonly AccountRow[], typed: string): AccountRow | null {
  const read = readTime(typed.replace(/^\s*after\s+/i, ""));
  if (!read.ok) return null;
  return rows.findLast(({ time }) => isUpTo(time, read.value.years)) ?? null;
}

function Gap({ count }: { readonly count: number }) {
  return count <= 0 ? null : (
    <tr>
      <td colSpan={5} className={styles.gap}>
        {count} more
      </td>
    </tr>
  );
}

interface RowProps {
  readonly row: AccountRow;
  readonly format: AnswerFormat;
  readonly isWanted?: boolean;
}

function Row({ row, format, isWanted = false }: RowProps) {
  const money = (amount: number) => writeMoney(amount, format);
  return (
    <tr className={isWanted ? styles.wanted : undefined}>
      <th scope="row">{whenWords(row.time, format)}</th>
      <td>{money(row.opening)}</td>
      <td>{money(row.interest)}</td>
      <td>{money(row.moved)}</td>
      <td>{money(row.closing)}</td>
    </tr>
  );
}
