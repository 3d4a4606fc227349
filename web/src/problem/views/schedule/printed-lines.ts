import { spanWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";
import { scheduleWords } from "./schedule-words";
import { shownSchedule, type ShownRow } from "./shown-rows";

/** A line of the schedule on paper. */
export interface PrintedLine {
  readonly kind: ShownRow["kind"] | "total";
  readonly cells: readonly string[];
}

/** Every row of a schedule in words and figures: all years open, with their subtotals, and the totals last. */
export function printedLines(
  account: ScheduleAccount,
  firstDate: string | null,
  format: AnswerFormat,
): { readonly heads: readonly string[]; readonly lines: readonly PrintedLine[] } {
  const { schedule } = account;
  const words = scheduleWords(schedule);
  const money = (amount: number) => writeMoney(amount, format);
  const isLoan = schedule.kind === "repaying";
  /** Columns that not every schedule has are left out of the others. */
  const line = (kind: PrintedLine["kind"], parts: Partial<Parts>): PrintedLine => ({
    kind,
    cells: [
      parts.name,
      parts.when,
      parts.before,
      parts.interest,
      ...(account.hasOthers ? [parts.other] : []),
      parts.paid,
      ...(schedule.totalExtra === 0 ? [] : [parts.extra]),
      ...(isLoan ? [parts.principal] : []),
      parts.after,
    ].map((part) => (typeof part === "number" ? money(part) : (part ?? ""))),
  });
  const heads = line("total", {
    ...{ name: "Payment", when: firstDate === null ? "When" : "Date", before: words.before },
    ...{ interest: "Interest", other: "Other money", paid: words.paid, extra: "Of it extra" },
    ...{ principal: "Principal", after: words.after },
  }).cells;
  const shown = shownSchedule(account, firstDate, "all").rows.map((row) => {
    switch (row.kind) {
      case "before": {
        const { time, interest, other, balance } = row.before;
        const when = `up to ${spanWords(time)}`;
        return line("before", {
          ...{ name: "Before", when, interest, other, principal: -interest, after: balance },
        });
      }
      case "year": {
        const { year, totals, balance } = row.year;
        return line("year", {
          ...totals,
          name: firstDate === null ? `Year ${year}` : String(year),
          after: balance,
        });
      }
      case "payment": {
        const { payment, time, opening, balance, other, extra, ...rest } = row.row;
        return line("payment", {
          ...rest,
          name: payment.toLocaleString("en"),
          when: row.date ?? afterWords(time),
          before: opening,
          after: balance,
          ...(other === 0 ? {} : { other }),
          ...(extra === 0 ? {} : { extra }),
        });
      }
    }
  });
  const principal = schedule.rows.reduce(
    (sum, row) => sum + row.principal,
    -(schedule.before?.interest ?? 0),
  );
  const total = line("total", {
    ...{ name: "In all", interest: schedule.totalInterest, paid: schedule.totalPaid, principal },
    extra: schedule.totalExtra,
  });
  return { heads, lines: [...shown, total] };
}

interface Parts {
  readonly name: string;
  readonly when: string;
  readonly before: string | number;
  readonly interest: string | number;
  readonly other: string | number;
  readonly paid: string | number;
  readonly extra: string | number;
  readonly principal: string | number;
  readonly after: string | number;
}
