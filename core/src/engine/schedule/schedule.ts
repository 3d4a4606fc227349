import { issue, type Issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import type { Account } from "../solve/account";
import { accountFor } from "../solve/solve";
import { frequencyOf } from "../time/duration";
import type { LoanChange } from "./changes/change";
import { changedPlan, runsOnWith } from "./changes/changed-plan";
import { checkChanges } from "./changes/check-changes";
import { planOf, type Plan } from "./plan";
import { runPlan, surplusOf } from "./run-plan";
import type { Schedule, ScheduleOptions } from "./schedule-types";

/** Rows and other amounts beyond this make no schedule. */
export const LONGEST_SCHEDULE = 100_000;

/** A schedule, with the plan that it was run from: rates, other amounts and a fee beside it. */
export interface ScheduleRun {
  readonly schedule: Schedule;
  readonly plan: Plan;
}

/**
 * The account of a stream, payment by payment, against everything else in its problem: what a loan's
 * balance, interest and principal are, or what savings have grown to.
 *
 * Each period's interest is what the balance earns from one payment to the next under the rate spells.
 * Other amounts join the balance on their dates. Where the problem balances, the last payment brings the
 * balance to just what later amounts are worth: zero, or a residual. With `extra` a payment that can
 * clear the balance earlier does so, and is the last. With `changes` the plan is changed first: see
 * `LoanChange` for what there is, and `changedPlan` for what decides about the end.
 *
 * In cents the payment and the interest of each period are rounded half away from zero, and the last
 * payment makes up for the roundings.
 *
 * @param problem one that `readProblem` has passed; its unknown is found first
 * @param options see `ScheduleOptions`; the flow must be a stream
 * @param longest how many payments and other amounts there may be
 * @returns money in the problem's currency, times in years; fails as `solve` does, or with
 *   `schedule-without-stream`, `schedule-needs-compound`, `schedule-endless`, `schedule-too-long`, `changed-never-ends`,
 *   `residual-too-large` and, for changes that do not fit or contradict each other, `change-for-loans`,
 *   `change-after-end`, `change-backwards`, `change-twice`, `changes-overlap`, `rate-changed-twice`,
 *   `extra-in-holiday`, `rate-too-low`
 * Accuracy: cents are exact; unrounded balances relative 1e-12.
 */
export function schedule(
  problem: Problem,
  options: ScheduleOptions,
  longest = LONGEST_SCHEDULE,
): Result<Schedule> {
  const run = runSchedule(problem, options, longest);
  return run.ok ? succeed(run.value.schedule) : run;
}

/** The same with what stands beside the account: what `effectiveYearlyPercent` and balances between payments need. */
export function runSchedule(
  problem: Problem,
  options: ScheduleOptions,
  longest = LONGEST_SCHEDULE,
): Result<ScheduleRun> {
  const flow = problem.flows.find(({ id }) => id === options.flow);
  if (flow?.kind !== "stream") {
    return fail(issue("schedule-without-stream", ["flow"], { id: options.flow }));
  }
  const solved = accountFor(problem);
  if (!solved.ok) return solved;
  const { account, unknown } = solved.value;
  if (account.growth.accrual !== undefined) return fail(issue("schedule-needs-compound", [], {}));
  if (account.flows.some((other) => other.kind === "stream" && other.count === Infinity)) {
    return fail(issue("schedule-endless", [], {}));
  }
  const tooLong = fail(issue("schedule-too-long", [], { limit: longest }));
  const size = sizeOf(account);
  if (size > longest) return tooLong;
  const parts = {
    flow: options.flow,
    rounding: options.rounding,
    frequency: frequencyOf(flow.every),
    balances: unknown.kind !== "value",
    paymentRounding: problem.paymentRounding ?? null,
  };
  const plain = planOf(account, parts);
  const changes = allChanges(options);
  if (changes.length === 0) return succeed({ plan: plain, schedule: runPlan(plain).schedule });

  const wrong = checkChanges(changes, plain);
  if (wrong.length > 0) return fail(...wrong.map((found) => placed(found, options)));
  const surplus = plain.balances ? 0 : surplusOf(plain);
  // What would follow the planned payments is told only as far as it is needed.
  const soon = Math.min(longest - size, plain.plannedCount + 120);
  for (const more of runsOnWith(plain, changes) ? [soon, longest - size] : [0]) {
    const plan = changedPlan({ ...planOf(account, parts, more), surplus }, changes);
    const { schedule: made, isFinished, smallestFactor } = runPlan(plan);
    if (smallestFactor < 0 && changes.some(({ kind }) => kind === "residual")) {
      const place = changes.findIndex(({ kind }) => kind === "residual");
      return fail(issue("residual-too-large", ["changes", place], {}));
    }
    if (isFinished) return succeed({ plan, schedule: made });
    const last = made.rows.at(-1);
    if (last !== undefined && made.rows.length < plan.payments.length) {
      const { paid: payment, interest } = last;
      return fail(issue("changed-never-ends", [], { payment, interest }));
    }
  }
  return tooLong;
}

/** The extra payments of the options are changes as well, after the others. */
function allChanges({ changes = [], extra = [] }: ScheduleOptions): LoanChange[] {
  return [
    ...changes,
    ...extra.map((own): LoanChange => ({ kind: "extra", often: "payment", ...own })),
  ];
}

/** Puts an issue of a change where the change stands in the options. */
function placed(found: Issue, { changes = [] }: ScheduleOptions): Issue {
  const place = Number(found.path[0]);
  const path = place < changes.length ? ["changes", place] : ["extra", place - changes.length];
  return { ...found, path };
}

function sizeOf({ flows }: Account): number {
  return flows.reduce((size, flow) => size + (flow.kind === "stream" ? flow.count : 1), 0);
}
