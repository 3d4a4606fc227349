import { paymentDate } from "@kestrelmoor/core";
import type { FigureTable } from "../figure-table";
import type { ScheduleAccount } from "./account-of";

/** Every row of a schedule, for files. @param firstDate of the first payment, where one is told */
export function scheduleFigures(
  { schedule, every }: ScheduleAccount,
  firstDate: string | null,
): FigureTable {
  const dateOf = (payment: number) =>
    firstDate === null ? null : paymentDate(firstDate, every, payment - 1);
  const { before } = schedule;
  const hasExtras = schedule.totalExtra !== 0;
  return {
    heads: [
      "Payment",
      ...(firstDate === null ? [] : ["Date"]),
      "Years from today",
      "Opening balance",
      "Interest",
      "Other cash flows",
      "Paid",
      ...(hasExtras ? ["Extra"] : []),
      "Principal",
      "Closing balance",
    ],
    rows: [
      // What was there before the first period, as a payment of nothing.
      ...(before === null
        ? []
        : [
            [
              0,
              ...(firstDate === null ? [] : [null]),
              ...[before.time, 0, before.interest, before.other, 0],
              ...(hasExtras ? [0] : []),
              ...[-before.interest, before.balance],
            ],
          ]),
      ...schedule.rows.map((row) => [
        row.payment,
        ...(firstDate === null ? [] : [dateOf(row.payment)]),
        row.time,
        row.opening,
        row.interest,
        row.other,
        row.paid,
        ...(hasExtras ? [row.extra] : []),
        row.principal,
        row.balance,
      ]),
    ],
  };
}
