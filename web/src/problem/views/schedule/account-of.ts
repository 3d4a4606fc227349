import {
  frequencyOf,
  runSchedule,
  type Issue,
  type Problem,
  type Schedule,
  type ScheduleOptions,
  type ScheduleRun,
} from "@kestrelmoor/core";

/** A schedule as it is shown, with what is asked of it beside its rows. */
export interface ScheduleAccount {
  readonly schedule: Schedule;
  /** How often is paid, ISO 8601, and that in payments a year. */
  readonly every: string;
  readonly frequency: number;
  /** Whether other money than the payments moves between two of them. */
  readonly hasOthers: boolean;
  /** As it was run, with what stands beside the account. */
  readonly run: ScheduleRun;
}

export type FoundAccount =
  | { readonly ok: true; readonly account: ScheduleAccount }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** The account of one stream of a problem. */
export function accountOf(
  problem: Problem,
  flow: string,
  { rounding, changes }: Pick<ScheduleOptions, "rounding" | "changes">,
): FoundAccount {
  const made = runSchedule(problem, { flow, rounding, changes: changes ?? [] });
  if (!made.ok) return made;
  const run = made.value;
  const stream = problem.flows.find(({ id }) => id === flow);
  const every = stream?.kind === "stream" ? stream.every : "P1M";
  return {
    ok: true,
    account: {
      schedule: run.schedule,
      every,
      frequency: frequencyOf(every),
      hasOthers: run.schedule.before !== null || run.schedule.rows.some(({ other }) => other !== 0),
      run,
    },
  };
}
