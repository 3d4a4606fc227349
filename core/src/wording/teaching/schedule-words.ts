import type { Schedule, ScheduleRow, TimeBefore } from "../../engine/schedule/schedule-types";

/** The names of the columns and totals of a schedule, which depend on whose money it is. */
export interface ScheduleWords {
  readonly before: string;
  readonly after: string;
  readonly paid: string;
  readonly paidInAll: string;
  readonly interest: string;
}

type Whose = Pick<Schedule, "kind" | "isOwed">;

const BALANCES = { before: "Opening balance", after: "Closing balance" };

/** A loan, a fund with withdrawals, savings, or a debt that grows with the money received. */
export function scheduleWords({ kind, isOwed }: Whose): ScheduleWords {
  if (kind === "repaying") {
    return isOwed
      ? { ...BALANCES, paid: "Paid", paidInAll: "Total paid", interest: "Interest paid" }
      : {
          ...BALANCES,
          paid: "Withdrawn",
          paidInAll: "Total withdrawn",
          interest: "Interest earned",
        };
  }
  return isOwed
    ? { ...BALANCES, paid: "Received", paidInAll: "Total received", interest: "Interest charged" }
    : { ...BALANCES, paid: "Deposited", paidInAll: "Total deposited", interest: "Interest earned" };
}

/** The name of the whole schedule. */
export function scheduleName({ kind, isOwed }: Whose): string {
  if (isOwed) return "Amortization schedule";
  return kind === "repaying" ? "Withdrawal schedule" : "Savings schedule";
}

/** The columns of money that a row has, in their order. */
export const SCHEDULE_MONEY = [
  "opening",
  "interest",
  "other",
  "paid",
  "extra",
  "principal",
  "balance",
] as const satisfies readonly (keyof ScheduleRow)[];

/** Figures of a row, and what tells when it is or what has come together up to it. */
export type ScheduleColumnKey = keyof ScheduleRow | "when" | "date" | "interestSoFar";

export interface ScheduleColumn<Key extends ScheduleColumnKey = ScheduleColumnKey> {
  readonly key: Key;
  readonly head: string;
}

interface ColumnEntry {
  readonly head: (words: ScheduleWords) => string;
  /** Whether a schedule has anything for it; left out where every schedule has. */
  readonly isThere?: (schedule: Schedule) => boolean;
}

/** Every column that a schedule may have, wherever it stands, in the order of all of them. */
const COLUMNS: Readonly<Record<ScheduleColumnKey, ColumnEntry>> = {
  payment: { head: () => "Payment" },
  when: { head: () => "Time" },
  date: { head: () => "Date" },
  time: { head: () => "Years from today" },
  opening: { head: ({ before }) => before },
  interest: { head: () => "Interest" },
  other: {
    head: () => "Other cash flows",
    isThere: ({ before, rows }) => before !== null || rows.some(({ other }) => other !== 0),
  },
  paid: { head: ({ paid }) => paid },
  extra: { head: () => "Extra", isThere: ({ totalExtra }) => totalExtra !== 0 },
  // What is saved adds all of itself: the column would say the same as the one before.
  principal: { head: () => "Principal", isThere: ({ kind }) => kind === "repaying" },
  balance: { head: ({ after }) => after },
  interestSoFar: { head: () => "Cumulative interest" },
};

/**
 * The columns by which a schedule is told, on the screen, on paper, as bare figures and as a workbook.
 *
 * @param wanted those that the place has room for; others, and those that the schedule has nothing for, are left out
 * @param always those that stand even where the schedule has nothing for them, as in a file that others read
 * @returns in the order of the catalogue
 */
export function scheduleColumns<Key extends ScheduleColumnKey>(
  schedule: Schedule,
  wanted: readonly Key[],
  always: readonly Key[] = [],
): readonly ScheduleColumn<Key>[] {
  const words = scheduleWords(schedule);
  const isWanted = (key: ScheduleColumnKey): key is Key => wanted.some((one) => one === key);
  return (Object.keys(COLUMNS) as ScheduleColumnKey[]).filter(isWanted).flatMap((key) => {
    const { head, isThere } = COLUMNS[key];
    const isLeftOut = isThere?.(schedule) === false && !always.includes(key);
    return isLeftOut ? [] : [{ key, head: head(words) }];
  });
}

/** What was there before the first period, as a payment of nothing: its interest adds to what is to be repaid. */
export function rowBefore({ time, interest, other, balance }: TimeBefore): ScheduleRow {
  const nothing = { payment: 0, opening: 0, paid: 0, extra: 0 };
  return { ...nothing, time, interest, other, principal: -interest, balance };
}
