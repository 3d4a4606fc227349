import { writeMoney, type AnswerFormat, writeFigure } from "@kestrelmoor/core";
import type { ScheduleAccount } from "./account-of";
import { scheduleWords } from "@kestrelmoor/core/teaching";
import styles from "./Schedule.module.css";

export interface SchedulePartProps {
  readonly account: ScheduleAccount;
  readonly firstDate: string | null;
  readonly format: AnswerFormat;
}

/** The totals of the schedule, and the effect of rounding to cents. */
export function ScheduleSummary({ account, format }: SchedulePartProps) {
  const { schedule } = account;
  const money = (amount: number) => writeMoney(amount, format);
  const { kind, payment, paymentsMade, finalPayment, totalPaid, totalInterest } = schedule;
  const words = scheduleWords(schedule);
  const left = schedule.rows.at(-1)?.balance ?? 0;
  const figures: readonly (readonly [string, string])[] = [
    ["Payment", money(payment)],
    ["Payments", writeFigure(paymentsMade, format)],
    ["Final payment", money(finalPayment)],
    [words.paidInAll, money(totalPaid)],
    [words.interest, money(totalInterest)],
    ...(kind === "repaying" && Math.abs(left) >= 0.005
      ? [["Closing balance", money(left)] as const]
      : []),
  ];
  const rounding = roundingWords(account, money);
  return (
    <>
      <dl className={styles.summary}>
        {figures.map(([name, figure]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{figure}</dd>
          </div>
        ))}
      </dl>
      {rounding !== null && <p className={styles.quiet}>{rounding}</p>}
      {!account.run.plan.inCents && paymentsMade > 1 && (
        <p className={styles.quiet}>
          Totals come from unrounded figures. Round to cents, and the rows add up to them.
        </p>
      )}
    </>
  );
}

/** Why the final payment of a schedule in cents differs; `null` if it does not. */
export function roundingWords(
  { schedule }: ScheduleAccount,
  money: (amount: number) => string,
): string | null {
  const { payment, exactPayment, finalPayment, kind } = schedule;
  if (payment === exactPayment || money(payment) === money(finalPayment) || kind === "saving") {
    return null;
  }
  const side = payment > exactPayment ? "above" : "below";
  return `Each payment is rounded to ${money(payment)}, slightly ${side} the exact value, and each period's interest is rounded too. The final payment of ${money(finalPayment)} clears the difference.`;
}
