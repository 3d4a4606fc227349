import { effectiveYearlyPercent } from "../effective-yearly";
import { owedAt } from "../milestones";
import type { ScheduleRun } from "../schedule";
import { isUpTo } from "../../numbers/compare";

/** What a loan comes to for somebody who pays it off at some time. */
export interface HeldLoan {
  /** What is to be paid to be rid of it; nothing once it is repaid. */
  readonly owed: number;
  /** Everything paid by then, what is owed included, less what was lent: interest and fee. */
  readonly cost: number;
  /** Percent a year, fee included; `null` where no rate balances it. */
  readonly effectivePercent: number | null;
}

/**
 * A loan that is held for a time and then paid off.
 *
 * @param years from today; at its end or later the loan has run its whole life
 * @returns `null` for a time before anything is lent
 * Accuracy: as `schedule` and `effectiveYearlyPercent`.
 */
export function whenHeld(run: ScheduleRun, years: number): HeldLoan | null {
  const { schedule, plan } = run;
  const end = Math.max(schedule.rows.at(-1)?.time ?? 0, plan.others.at(-1)?.time ?? 0);
  const isOver = isUpTo(end, years);
  const owed = isOver ? 0 : (owedAt(run, years)?.amount ?? null);
  if (owed === null) return null;
  const until = isOver ? Infinity : years;
  const lent = plan.others.reduce(
    (sum, { amount, time }) => (isUpTo(time, until) ? sum + amount : sum),
    0,
  );
  const paid = schedule.rows.reduce(
    (sum, row) => (isUpTo(row.time, until) ? sum + row.paid : sum),
    0,
  );
  return {
    owed,
    cost: paid + owed + plan.fee - lent,
    effectivePercent: effectiveYearlyPercent(run, isOver ? undefined : years),
  };
}
