import {
  effectiveYearlyPercent,
  writeRate,
  writeMoney,
  type AnswerFormat,
  writeFigure,
} from "@kestrelmoor/core";
import { useMemo } from "react";
import type { ScheduleAccount } from "./account-of";
import { afterWords } from "./after-words";
import { savedWords } from "./saved-words";
import { scheduleWords } from "@kestrelmoor/core/teaching";
import { roundingWords } from "./ScheduleSummary";
import { Figures } from "../../../ui/Figures";
import styles from "./Changes.module.css";

interface ChangesSummaryProps {
  readonly plain: ScheduleAccount;
  readonly changed: ScheduleAccount;
  readonly format: AnswerFormat;
}

/** What the changes come to, beside the plain schedule. */
export function ChangesSummary({ plain, changed, format }: ChangesSummaryProps) {
  const words = scheduleWords(plain.schedule);
  const money = (amount: number) => writeMoney(amount, format);
  const isLoan = plain.schedule.kind === "repaying";
  const columns = useMemo(
    () =>
      [plain, changed].map((account) => {
        const { schedule, run } = account;
        const last = schedule.rows.at(-1);
        return {
          payment: schedule.levels,
          count: schedule.paymentsMade,
          last: last?.paid ?? 0,
          ends: last === undefined ? "" : afterWords(last.time, format),
          paid: schedule.totalPaid + (isLoan ? run.plan.fee : 0),
          interest: schedule.totalInterest,
          left: last?.balance ?? 0,
          effective: effectiveYearlyPercent(run),
        };
      }),
    [plain, changed, isLoan, format],
  );
  const rounding = roundingWords(changed, money);
  const fee = changed.run.plan.fee;
  const hasLeft = columns.some(({ left }) => Math.abs(left) >= 0.005);
  type Column = (typeof columns)[number];
  const rows: readonly (readonly [string, (column: Column) => string])[] = [
    ["Payment", ({ payment }) => levelWords(payment, money)],
    ["Payments", ({ count }) => writeFigure(count, format)],
    ["Final payment", ({ last, ends }) => `${money(last)} ${ends}`],
    [
      fee !== 0 && isLoan ? `${words.paidInAll}, with the fee` : words.paidInAll,
      ({ paid }) => money(paid),
    ],
    [words.interest, ({ interest }) => money(interest)],
    ...(hasLeft ? [["Closing balance", ({ left }: Column) => money(left)] as const] : []),
    [
      plain.schedule.isOwed ? "Effective annual cost" : "Effective annual return",
      ({ effective }) => (effective === null ? "none" : writeRate(effective, format, 4)),
    ],
  ];
  return (
    <div className={styles.changed}>
      <p className={styles.saved} role="status">
        {savedWords(plain, changed, money, format)}
      </p>
      <div className={styles.sideways}>
        <Figures
          name="With the changes and without"
          heads={["", "Without changes", "With the changes"]}
          rows={rows.map(([name, figure]) => ({
            key: name,
            cells: [name, ...columns.map(figure)],
          }))}
        />
      </div>
      {rounding !== null && <p className="quiet">{rounding}</p>}
    </div>
  );
}

/** "500.00, 540.00 from payment 13"; of many levels, the first few. */
function levelWords(
  levels: ScheduleAccount["schedule"]["levels"],
  money: (amount: number) => string,
): string {
  const [first, ...later] = levels;
  if (first === undefined) return "–";
  const told = later
    .slice(0, 3)
    .map(({ fromPayment, amount }) => `${money(amount)} from payment ${fromPayment}`);
  const rest = later.length > 3 ? ["and so on"] : [];
  return [money(first.amount), ...told, ...rest].join(", ");
}
