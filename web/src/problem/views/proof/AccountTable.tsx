import { sentenceOf, writeMoney, type AnswerFormat, isUpTo } from "@kestrelmoor/core";
import type { AccountLife, AccountRow } from "@kestrelmoor/core/teaching";
import { readMoment, type TimesSaid } from "@kestrelmoor/core/typing";
import { whenWords } from "../../timeline/timeline-words";
import { Figures, type FiguresRow } from "../../../ui/Figures";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Proof.module.css";

interface AccountTableProps {
  readonly life: AccountLife;
  readonly format: AnswerFormat;
  readonly said: TimesSaid;
  /** A time, as it is typed, whose row is wanted too. */
  readonly wanted: string;
  readonly onWant: (typed: string) => void;
}

/** Rows told at the beginning and at the end. */
const AT_EACH_END = 3;

/** The first and the last rows of the account, and any that is asked for in between. */
export function AccountTable({ life, format, said, wanted, onWant }: AccountTableProps) {
  const { rows, kind } = life;
  const isLong = rows.length > 2 * AT_EACH_END + 1;
  const middle = isLong ? rowAt(rows, wanted, said) : null;
  const first = isLong ? rows.slice(0, AT_EACH_END) : rows;
  const last = isLong ? rows.slice(-AT_EACH_END) : [];
  const isNew = middle !== null && !first.includes(middle) && !last.includes(middle);
  const read = readMoment(wanted, said);
  const told = (row: AccountRow) => ({
    key: row.time,
    cells: [
      whenWords(row.time, format),
      ...[row.opening, row.interest, row.moved, row.closing].map((amount) =>
        writeMoney(amount, format),
      ),
    ],
  });
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
            <span className="complaint"> {sentenceOf(read.issues[0], format)}</span>
          )}
        </p>
      )}
      <Sideways name="The account">
        <Figures
          className={styles.table}
          heads={[
            "Time",
            "Opening balance",
            "Interest",
            kind === "owed" ? "Borrowed / repaid" : "Deposited / withdrawn",
            "Closing balance",
          ]}
          rows={[
            ...first.map(told),
            ...(isNew
              ? [
                  ...gap(rows.indexOf(middle) - AT_EACH_END),
                  { ...told(middle), className: styles.wanted },
                ]
              : []),
            ...gap(rows.length - last.length - (isNew ? rows.indexOf(middle) + 1 : first.length)),
            ...last.map(told),
          ]}
        />
      </Sideways>
    </>
  );
}

/** The last row on or before a typed time. */
export function rowAt(
  rows: readonly AccountRow[],
  typed: string,
  said: TimesSaid,
): AccountRow | null {
  const read = readMoment(typed, said);
  if (!read.ok) return null;
  return rows.findLast(({ time }) => isUpTo(time, read.value.years)) ?? null;
}

function gap(leftOut: number): FiguresRow[] {
  return leftOut <= 0 ? [] : [{ key: `${leftOut} left out`, leftOut }];
}
