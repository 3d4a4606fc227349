import { issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { findUnknown, type Unknown } from "../problem/unknown";
import { fail, succeed, type Result } from "../result";
import { resolveTimeline } from "../timeline/resolve-timeline";
import type { Timeline } from "../timeline/timeline";
import { accountOf, type Account } from "./account";
import { factsOf } from "./facts";
import { answerFollowUps } from "./follow-ups";
import { settledTimeline } from "./settled-timeline";
import type { SettledTimeline } from "./solution";
import { solvedFlows, type SolvedProblem } from "./solved-problem";
import type { Question, Roots } from "./solver";
import { findRootsOf } from "./solvers";
import { withTurn } from "./turn-round";

/**
 * Finds the one unknown of a problem: the value that makes Σ amount/a(t) = 0, or the value at a date.
 *
 * @param problem as returned by `readProblem`
 * @returns every solution, how it is known that there are no others, the follow-ups, and the timeline with all that
 *   is known of it; or the issues that say why there is none. The codes are those of "The unknown" and
 *   "Solving" in `issues/issue.ts`.
 * Accuracy: relative 1e-12 against 30-digit references; see the solver of each unknown.
 * Source: Kellison, The Theory of Interest, ch. 2 (equation of value)
 */
export function solve(problem: Problem): Result<SolvedProblem> {
  const question = questionOf(problem);
  if (!question.ok) return question;
  const solution = answerQuestion(question.value);
  return solution.ok ? solution : fail(...withTurn(problem, solution.issues, isSolvable));
}

/** The cash flows of a problem as actually paid, once its unknown is found. */
export function accountFor(
  problem: Problem,
): Result<{ readonly account: Account; readonly unknown: Unknown }> {
  const question = questionOf(problem);
  if (!question.ok) return question;
  const { timeline, unknown } = question.value;
  const found = findRoots(question.value);
  if (!found.ok) return found;
  const account = accountOf(timeline, unknown, found.value.roots[0]);
  return account.ok ? succeed({ account: account.value, unknown }) : account;
}

/** A problem with its unknown found and its references resolved: everything needed to solve it again. */
export function questionOf(problem: Problem): Result<Question> {
  const unknown = findUnknown(problem);
  if (!unknown.ok) return unknown;
  if (listedAmounts(problem) > MOST_LISTED) {
    return fail(issue("problem-too-large", ["flows"], { limit: MOST_LISTED }));
  }
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) return timeline;
  return succeed({ problem, timeline: timeline.value, unknown: unknown.value, effort: 1 });
}

/**
 * Only the solutions of a prepared problem, without facts, follow-ups or advice: what a sweep calculates for
 * each cell.
 */
export function findRoots(question: Question): Result<Roots> {
  return findRootsOf(question);
}

function answerQuestion(question: Question): Result<SolvedProblem> {
  const { problem, timeline, unknown } = question;
  const found = findRoots(question);
  if (!found.ok) return found;
  const { roots, completeness } = found.value;
  const [first, ...others] = roots;
  const account = accountOf(timeline, unknown, first);
  if (!account.ok) return account;
  const settled = settledTimeline(timeline, first.x);
  if (!settled.ok) return settled;
  const paid = paidTimeline(timeline, account.value);
  if (!paid.ok) return paid;
  return succeed({
    problem,
    timeline,
    account: account.value,
    flows: solvedFlows(problem, timeline.flows, settled.value.flows),
    unknown,
    answers: [first.answer, ...others.map(({ answer }) => answer)],
    completeness,
    also: answerFollowUps(problem, account.value),
    facts: factsOf(account.value, unknown.kind !== "value"),
    settled: settled.value,
    paid: paid.value,
  });
}

/** The timeline with the cash flows that are actually paid. */
function paidTimeline(timeline: Timeline, { x, flows }: Account): Result<SettledTimeline> {
  const settled = settledTimeline(timeline, x);
  return settled.ok ? succeed({ ...settled.value, flows }) : settled;
}

/** The most amounts in lists. Unlike payments of a stream, each is valued by itself: these take under a second. */
const MOST_LISTED = 20_000;

function listedAmounts({ flows }: Problem): number {
  return flows.reduce((sum, flow) => {
    if (flow.kind === "list") return sum + flow.amounts.length;
    return flow.kind === "dated" ? sum + flow.entries.length : sum;
  }, 0);
}

/** The fraction of the work of an answer that advice may take. */
const EFFORT_OF_TRIAL = 0.1;

function isSolvable(problem: Problem): boolean {
  const question = questionOf(problem);
  return question.ok && findRoots({ ...question.value, effort: EFFORT_OF_TRIAL }).ok;
}
