import { placeAmongPayments, type ActualPayment } from "@kestrelmoor/core";
import type { ScheduleAccount } from "../account-of";
import { amountIn, dateOf } from "../../../../files/cell-values";
import type { Row } from "../../../../files/read-table";
import type { Understanding } from "./recognise";

export interface BadRow {
  /** Its number in the list, from 1. */
  readonly number: number;
  readonly sentence: string;
}

export type ReadPayments =
  | {
      readonly ok: true;
      readonly payments: readonly ActualPayment[];
      readonly bad: readonly BadRow[];
      /** All of them stood below zero, as a bank writes what goes out. */
      readonly isTurned: boolean;
    }
  /** What has to be chosen first. */
  | { readonly ok: false; readonly sentence: string };

/** The payments of a list as it is understood; rows that cannot be read are told one by one. */
export function paymentsIn(
  rows: readonly Row[],
  { hasHeads, amounts, dates, mark, order }: Understanding,
  { schedule, every, frequency }: ScheduleAccount,
  firstDate: string | null,
): ReadPayments {
  if (amounts === null) {
    return choose(
      rows.length === 1 || rows.every(({ cells }) => cells.length === 1)
        ? "This is not a list of payments. Put each payment on its own line."
        : "Choose the column of the amounts.",
    );
  }
  if (mark === null) {
    return choose("The amounts are ambiguous. Choose a decimal point or a decimal comma.");
  }
  if (dates !== null && order === null) {
    return choose("The dates are ambiguous. Choose the order of day and month.");
  }
  if (dates !== null && firstDate === null) {
    return choose(
      "The list has dates. Type the date of the first payment above to compare them with the plan.",
    );
  }
  const first = schedule.rows[0]?.time ?? 0;
  const payments: ActualPayment[] = [];
  const bad: BadRow[] = [];
  for (const { number, cells } of rows.slice(hasHeads ? 1 : 0)) {
    const cell = cells[amounts] ?? "";
    const amount = amountIn(cell, mark);
    const day = dates === null ? "" : (cells[dates] ?? "");
    const date = dates === null || order === null ? null : dateOf(day, order);
    if (amount === null) {
      bad.push({
        number,
        sentence: cell === "" ? "no amount." : `“${shortened(cell)}” is not an amount.`,
      });
      // Without dates a payment that cannot be read still has its place.
      if (dates === null) payments.push({ time: first + payments.length / frequency, amount: 0 });
    } else if (dates === null) {
      payments.push({ time: first + payments.length / frequency, amount });
    } else {
      const place = date === null ? null : placeAmongPayments(date, firstDate ?? "", every);
      if (place === null) {
        bad.push({
          number,
          sentence: day === "" ? "no date." : `“${shortened(day)}” is not a date in that order.`,
        });
      } else payments.push({ time: first + place / frequency, amount });
    }
  }
  const isTurned =
    payments.some(({ amount }) => amount < 0) && payments.every(({ amount }) => amount <= 0);
  return {
    ok: true,
    bad,
    isTurned,
    payments: isTurned ? payments.map((own) => ({ ...own, amount: -own.amount })) : payments,
  };
}

function choose(sentence: string): ReadPayments {
  return { ok: false, sentence };
}

function shortened(cell: string): string {
  return cell.length > 40 ? `${cell.slice(0, 40)}…` : cell;
}
