import { spanWords, writeMoney, type AnswerFormat, writeFigure } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";
import { scheduleWords } from "./schedule-words";
import type { ShownRow } from "./shown-rows";

/** The columns of a schedule, and what stands in them. */
export interface ScheduleColumns {
  readonly heads: readonly string[];
  readonly cellsOf: (row: ShownRow) => readonly string[];
  readonly totals: readonly string[];
}

/** What a row has to say; a column that it says nothing for is empty. */
type Cells = Partial<Readonly<Record<Column, string | number>>>;

type Column =
  | "name"
  | "when"
  | "date"
  | "before"
  | "interest"
  | "other"
  | "paid"
  | "extra"
  | "principal"
  | "after"
  | "interestSoFar";

/**
 * What a schedule is shown by: columns that it has nothing for are left out. Paper has the date or the time
 * of a payment, and no interest so far, to be narrow enough.
 *
 * @param firstDate of the first payment, where one is told
 */
export function scheduleColumns(
  account: ScheduleAccount,
  firstDate: string | null,
  format: AnswerFormat,
  place: "screen" | "paper" = "screen",
): ScheduleColumns {
  const { schedule } = account;
  const isOnScreen = place === "screen";
  const isDated = firstDate !== null;
  const words = scheduleWords(schedule);
  const columns: readonly (readonly [Column, string])[] = [
    ["name", "Payment"],
    ...(isOnScreen || !isDated ? [["when", "Time"] as const] : []),
    ...(isDated ? [["date", "Date"] as const] : []),
    ["before", words.before],
    ["interest", "Interest"],
    ...(account.hasOthers ? [["other", "Other cash flows"] as const] : []),
    ["paid", words.paid],
    ...(schedule.totalExtra === 0 ? [] : [["extra", "Extra"] as const]),
    ...(schedule.kind === "repaying" ? [["principal", "Principal"] as const] : []),
    ["after", words.after],
    ...(isOnScreen ? [["interestSoFar", "Cumulative interest"] as const] : []),
  ];
  const cells = (parts: Cells) =>
    columns.map(([column]) => {
      // Where the date stands for the time, what has none says when it is.
      const instead = column === "date" && !isOnScreen ? parts.when : undefined;
      const part = parts[column] ?? instead ?? "";
      return typeof part === "number" ? writeMoney(part, format) : part;
    });
  return {
    heads: columns.map(([, head]) => head),
    cellsOf: (row) => cells(cellsOf(row, isDated, format)),
    totals: cells({
      name: "Total",
      interest: schedule.totalInterest,
      paid: schedule.totalPaid,
      extra: schedule.totalExtra,
      principal: principalOf(account),
    }),
  };
}

function cellsOf(shown: ShownRow, isDated: boolean, format: AnswerFormat): Cells {
  switch (shown.kind) {
    case "before": {
      const { time, interest, other, balance } = shown.before;
      const when = `up to ${spanWords(time, format)}`;
      const own = { name: "Before", when, interest, other };
      return { ...own, principal: -interest, after: balance, interestSoFar: interest };
    }
    case "year": {
      const { year, from, to, totals, balance } = shown.year;
      const { paid, interest, principal, extra } = totals;
      const count = to - from + 1;
      return {
        name: isDated ? String(year) : `Year ${year}`,
        when: count === 1 ? "1 payment" : `${count} payments`,
        ...{ paid, interest, principal, after: balance },
        ...unlessNothing({ extra }),
      };
    }
    case "payment": {
      const { row, date, interestSoFar } = shown;
      const { payment, time, opening, interest, other, paid, extra, principal, balance } = row;
      return {
        name: writeFigure(payment, format),
        ...{ when: afterWords(time, format), date: date ?? "–", before: opening, interest },
        ...{ paid, principal, after: balance, interestSoFar },
        ...unlessNothing({ other, extra }),
      };
    }
  }
}

/** Figures of which most rows have none stand only where there are some. */
function unlessNothing<Part extends Column>(parts: Readonly<Record<Part, number>>): Cells {
  return Object.fromEntries(Object.entries(parts).filter(([, amount]) => amount !== 0));
}

/** Interest of the time before is not paid then: it adds to what is to be repaid. */
function principalOf({ schedule: { rows, before } }: ScheduleAccount): number {
  return rows.reduce((sum, { principal }) => sum + principal, -(before?.interest ?? 0));
}
