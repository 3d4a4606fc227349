import {
  frequencyOf,
  runSchedule,
  type Issue,
  type Problem,
  type Schedule,
  type ScheduleOptions,
  type ScheduleRun,
  type Solution,
} from "@kestrelmoor/core";

/** A schedule as it is shown, with what is asked of it beside its rows. */
export interface ScheduleAccount {
  readonly schedule: Schedule;
  /** How often is paid, ISO 8601, and that in payments a year. */
  readonly every: string;
  readonly frequency: number;
  readonly growth: ScheduleRun["plan"]["growth"];
  /** Whether other money than the payments moves between two of them. */
  readonly hasOthers: boolean;
  /** As it was run, with what stands beside the account. */
  readonly run: ScheduleRun;
}

export type FoundAccount =
  | { readonly ok: true; readonly account: ScheduleAccount }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** The account of one stream of a problem; what is there from the first day on opens it. */
export function accountOf(
  problem: Problem,
  solution: Solution,
  flow: string,
  { rounding, changes }: Pick<ScheduleOptions, "rounding" | "changes">,
): FoundAccount {
  const made = runSchedule(problem, { flow, rounding, changes: changes ?? [] });
  if (!made.ok) return made;
  const run = made.value;
  const [first, ...others] = run.schedule.rows;
  const isOpened = first !== undefined && nothingJoinsBefore(solution, flow, first.time);
  const rows = isOpened
    ? [{ ...first, opening: first.opening + first.other, other: 0 }, ...others]
    : run.schedule.rows;
  const stream = problem.flows.find(({ id }) => id === flow);
  const every = stream?.kind === "stream" ? stream.every : "P1M";
  return {
    ok: true,
    account: {
      schedule: { ...run.schedule, rows },
      every,
      frequency: frequencyOf(every),
      growth: run.plan.growth,
      hasOthers: rows.some(({ other }) => other !== 0),
      run,
    },
  };
}

/** Whether all other money of the first period is there from its beginning. */
function nothingJoinsBefore({ settled }: Solution, own: string, end: number): boolean {
  return settled.flows
    .filter(({ id }) => id !== own)
    .every((flow) => flow.kind === "single" && (flow.at === 0 || flow.at >= end));
}
