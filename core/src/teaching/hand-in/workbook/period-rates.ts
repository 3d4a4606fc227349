import { interestFactor } from "../../../engine/schedule/standing";
import type { ScheduleRun } from "../../../engine/schedule/schedule";
import type { ScheduleRow } from "../../../engine/schedule/schedule-types";
import { PART_BETWEEN, isBefore, isClose, isUpTo } from "../../../engine/numbers/compare";

/** What one earns in a period, for as long as it stays the same. */
export interface PeriodRate {
  /** The number of the first payment that it holds for. */
  readonly from: number;
  readonly value: number;
}

/** What one earns from one payment to the next, told once for as long as it stays the same. */
export function periodRates({ schedule, plan }: ScheduleRun): PeriodRate[] {
  const groups: PeriodRate[] = [];
  let before = plan.beginTime;
  for (const { payment, time } of schedule.rows) {
    const value = interestFactor(plan, plan.growth, before, time);
    const last = groups.at(-1);
    if (last === undefined || !isClose(last.value, value, PART_BETWEEN.anyWay)) {
      groups.push({ from: payment, value });
    }
    before = time;
  }
  return groups;
}

/** What the other amounts of a period have earned by its end. */
export function otherInterest({ schedule, plan }: ScheduleRun, row: ScheduleRow): number {
  const before = schedule.rows[row.payment - 2]?.time ?? plan.beginTime;
  return plan.others.reduce((sum, { amount, time }) => {
    const isIn = isUpTo(before, time) && isBefore(time, row.time);
    return isIn ? sum + amount * interestFactor(plan, plan.growth, time, row.time) : sum;
  }, 0);
}
