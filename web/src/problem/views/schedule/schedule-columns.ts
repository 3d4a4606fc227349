import { spanWords, writeMoney, type AnswerFormat, writeFigure } from "@kestrelmoor/core";
import {
  rowBefore,
  SCHEDULE_MONEY,
  scheduleColumns,
  type ScheduleColumnKey,
} from "@kestrelmoor/core/teaching";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";
import type { ShownRow } from "./shown-rows";

/** The columns of a schedule, and what stands in them. */
export interface ShownColumns {
  readonly heads: readonly string[];
  readonly cellsOf: (row: ShownRow) => readonly string[];
  readonly totals: readonly string[];
}

/** What a row has to say; a column that it says nothing for is empty. */
type Cells = Partial<Readonly<Record<ScheduleColumnKey, string | number>>>;

/**
 * What a schedule is shown by. Paper has the date or the time of a payment, and no interest so far, to be narrow
 * enough.
 *
 * @param firstDate of the first payment, where one is told
 */
export function shownColumns(
  account: ScheduleAccount,
  firstDate: string | null,
  format: AnswerFormat,
  place: "screen" | "paper" = "screen",
): ShownColumns {
  const { schedule } = account;
  const isOnScreen = place === "screen";
  const isDated = firstDate !== null;
  const columns = scheduleColumns<ScheduleColumnKey>(schedule, [
    "payment",
    ...(isOnScreen || !isDated ? (["when"] as const) : []),
    ...(isDated ? (["date"] as const) : []),
    ...SCHEDULE_MONEY,
    ...(isOnScreen ? (["interestSoFar"] as const) : []),
  ]);
  const cells = (parts: Cells) =>
    columns.map(({ key }) => {
      // Where the date stands for the time, what has none says when it is.
      const instead = key === "date" && !isOnScreen ? parts.when : undefined;
      const part = parts[key] ?? instead ?? "";
      return typeof part === "number" ? writeMoney(part, format) : part;
    });
  return {
    heads: columns.map(({ head }) => head),
    cellsOf: (row) => cells(cellsOf(row, isDated, format)),
    totals: cells({
      payment: "Total",
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
      const { time, interest, other, principal, balance } = rowBefore(shown.before);
      const when = `up to ${spanWords(time, format)}`;
      const own = { payment: "Before", when, interest, other };
      return { ...own, principal, balance, interestSoFar: interest };
    }
    case "year": {
      const { year, from, to, totals, balance } = shown.year;
      const { paid, interest, principal, extra } = totals;
      const count = to - from + 1;
      return {
        payment: isDated ? String(year) : `Year ${year}`,
        when: count === 1 ? "1 payment" : `${count} payments`,
        ...{ paid, interest, principal, balance },
        ...unlessNothing({ extra }),
      };
    }
    case "payment": {
      const { row, date, interestSoFar } = shown;
      const { payment, time, other, extra, ...figures } = row;
      return {
        ...{ ...figures, interestSoFar },
        payment: writeFigure(payment, format),
        ...{ when: afterWords(time, format), date: date ?? "–" },
        ...unlessNothing({ other, extra }),
      };
    }
  }
}

/** Figures of which most rows have none stand only where there are some. */
function unlessNothing<Part extends ScheduleColumnKey>(
  parts: Readonly<Record<Part, number>>,
): Cells {
  return Object.fromEntries(Object.entries(parts).filter(([, amount]) => amount !== 0));
}

/** Interest of the time before is not paid then: it adds to what is to be repaid. */
function principalOf({ schedule: { rows, before } }: ScheduleAccount): number {
  return rows.reduce((sum, { principal }) => sum + principal, -(before?.interest ?? 0));
}
