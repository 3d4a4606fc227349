import type { PaymentTimes, TimesSaid } from "@kestrelmoor/core/typing";
import type { ScheduleAccount } from "./account-of";

/** By what a time is read that is typed beside a schedule. */
export function paymentTimesOf(
  { schedule, every, frequency }: ScheduleAccount,
  firstDate: string | null,
  said: TimesSaid,
): PaymentTimes {
  return { first: schedule.rows[0]?.time ?? 0, frequency, every, firstDate, said };
}
