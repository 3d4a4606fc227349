import { internalRates } from "../appraisal/internal-rates";
import type { DatedAmount } from "../flows/flow-kind";
import { growthFactor } from "../rates/accumulation";
import { rootInBracket } from "../solve/roots/root-in-bracket";
import { owedAt } from "./milestones";
import { joinsBefore } from "./standing";
import type { ScheduleRun } from "./schedule";
import { isUpTo, PART_BETWEEN } from "../numbers/compare";

/**
 * The effective yearly rate of all money of a schedule, its fee included: what a loan costs, or what
 * savings earn. It is the internal rate of what is received and paid on its dates; what is left after the
 * last payment counts at that moment.
 *
 * @param heldFor years after which what is there is settled in one sum; left out for the whole life
 * @returns percent a year; `null` where no rate, or more than one, makes the money balance
 * Accuracy: relative 1e-12.
 * Source: Kellison, ch. 7 (yield rates)
 */
export function effectiveYearlyPercent(run: ScheduleRun, heldFor?: number): number | null {
  const { schedule, plan } = run;
  const sign = schedule.kind === "saving" ? 1 : -1;
  const until = heldFor ?? Infinity;
  const first = Math.min(plan.others[0]?.time ?? Infinity, schedule.rows[0]?.time ?? 0);
  const flows: DatedAmount[] = [
    { amount: plan.isOwed ? -plan.fee : plan.fee, at: first },
    ...schedule.rows
      .filter(({ time }) => isUpTo(time, until))
      .map(({ paid, time }) => ({ amount: sign * paid, at: time })),
    ...(heldFor === undefined ? otherMoney(run) : settled(run, heldFor)),
  ];
  return onlyRate(flows);
}

/** Money beside the payments up to a time, and then what is there, as one sum. */
function settled(run: ScheduleRun, years: number): DatedAmount[] {
  const there = owedAt(run, years)?.amount ?? 0;
  return [
    ...run.plan.others.filter(({ time }) => isUpTo(time, years)).map(dated),
    { amount: -there, at: years },
  ];
}

/** All money beside the payments; what is left at the end counts where it is not just what comes later. */
function otherMoney({ schedule, plan }: ScheduleRun): DatedAmount[] {
  const last = schedule.rows.at(-1);
  if (last === undefined) return [];
  const joined = plan.others.filter((other) => joinsBefore(other, last.time));
  const later = plan.others.filter((other) => !joinsBefore(other, last.time));
  const worth = later.reduce(
    (sum, { amount, time }) => sum - amount * growthFactor(plan.growth, time, last.time),
    0,
  );
  const isJust = Math.abs(worth - last.balance) < 0.01 + PART_BETWEEN.anyWay * Math.abs(worth);
  return isJust
    ? plan.others.map(dated)
    : [...joined.map(dated), { amount: -last.balance, at: last.time }];
}

function dated({ amount, time }: ScheduleRun["plan"]["others"][number]): DatedAmount {
  return { amount, at: time };
}

/** Money that turns once has one rate, which a bracket finds sooner than the search for all of them. */
function onlyRate(flows: readonly DatedAmount[]): number | null {
  const moved = flows.filter(({ amount }) => amount !== 0).sort((one, other) => one.at - other.at);
  const turns = moved.filter(
    ({ amount }, index) =>
      index > 0 && Math.sign(amount) !== Math.sign(moved[index - 1]?.amount ?? 0),
  );
  if (turns.length !== 1) {
    const found = internalRates(moved);
    const [percent, ...others] = found.ok ? found.value.percents : [];
    return percent === undefined || others.length > 0 ? null : percent;
  }
  const worth = (force: number) =>
    moved.reduce((sum, { amount, at }) => sum + amount * Math.exp(-force * at), 0);
  for (let reach = 0.25; reach <= WIDEST_FORCE; reach *= 2) {
    if (worth(-reach) * worth(reach) < 0) {
      const force = rootInBracket(worth, -reach, reach);
      return force === null ? null : Math.expm1(force) * 100;
    }
  }
  return null;
}

/** e³² is 79 thousand thousand thousand per cent a year: no loan costs more. */
const WIDEST_FORCE = 32;
