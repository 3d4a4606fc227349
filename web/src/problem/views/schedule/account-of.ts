import {
  frequencyOf,
  growthOf,
  schedule,
  sentenceOf,
  type Problem,
  type Schedule,
  type ScheduleOptions,
  type Solution,
} from "@kestrelmoor/core";

/** A schedule as it is shown, with what is asked of it beside its rows. */
export interface ScheduleAccount {
  readonly schedule: Schedule;
  /** How often is paid, ISO 8601, and that in payments a year. */
  readonly every: string;
  readonly frequency: number;
  readonly growth: ReturnType<typeof growthOf>;
  /** Whether other money than the payments moves between two of them. */
  readonly hasOthers: boolean;
}

export type FoundAccount =
  | { readonly ok: true; readonly account: ScheduleAccount }
  | { readonly ok: false; readonly sentence: string };

/** The account of one stream of a problem; what is there from the first day on opens it. */
export function accountOf(
  problem: Problem,
  solution: Solution,
  flow: string,
  rounding: ScheduleOptions["rounding"],
): FoundAccount {
  const stream = problem.flows.find(({ id }) => id === flow);
  if (stream?.kind !== "stream") {
    return { ok: false, sentence: "A schedule needs payments that repeat." };
  }
  const made = schedule(problem, { flow, rounding });
  if (!made.ok) return { ok: false, sentence: made.issues.map(sentenceOf).join(" ") };
  const [first, ...others] = made.value.rows;
  const isOpened = first !== undefined && nothingJoinsBefore(solution, flow, first.time);
  const rows = isOpened
    ? [{ ...first, opening: first.opening + first.other, other: 0 }, ...others]
    : made.value.rows;
  return {
    ok: true,
    account: {
      schedule: { ...made.value, rows },
      every: stream.every,
      frequency: frequencyOf(stream.every),
      growth: growthOf(solution.settled),
      hasOthers: rows.some(({ other }) => other !== 0),
    },
  };
}

/** Whether all other money of the first period is there from its beginning. */
function nothingJoinsBefore({ settled }: Solution, own: string, end: number): boolean {
  return settled.flows
    .filter(({ id }) => id !== own)
    .every((flow) => flow.kind === "single" && (flow.at === 0 || flow.at >= end));
}
