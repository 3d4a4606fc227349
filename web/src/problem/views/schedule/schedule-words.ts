import type { Schedule } from "@kestrelmoor/core";

/** The names of the columns and totals of a schedule, which depend on whose money it is. */
export interface ScheduleWords {
  readonly before: string;
  readonly after: string;
  readonly paid: string;
  readonly paidInAll: string;
  readonly interest: string;
}

const BALANCES = { before: "Opening balance", after: "Closing balance" };

/** A loan, a fund with withdrawals, savings, or a debt that grows with the money received. */
export function scheduleWords({ kind, isOwed }: Pick<Schedule, "kind" | "isOwed">): ScheduleWords {
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
export function scheduleName({ kind, isOwed }: Pick<Schedule, "kind" | "isOwed">): string {
  if (isOwed) return "Amortization schedule";
  return kind === "repaying" ? "Withdrawal schedule" : "Savings schedule";
}
