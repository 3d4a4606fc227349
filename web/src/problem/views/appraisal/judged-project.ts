import {
  appraiseAsFar,
  convertRate,
  projectOf,
  sentenceOf,
  type AppraisalSubject,
  type AnswerFormat,
  type Problem,
  type ProjectFlow,
  type Result,
  type SolvedProblem,
} from "@kestrelmoor/core";
import { readAppraisal, type Draft } from "@kestrelmoor/core/typing";

/** Where the hurdle rate comes from: it is typed, the problem has it, or there is none. */
export type HurdleFrom = "typed" | "problem" | "nowhere";

/** What projects are measured by, as far as it is known. */
export interface MeasuredBy {
  readonly hurdlePercent: number;
  readonly reinvestPercent: number;
  readonly hurdleFrom: HurdleFrom;
  /** The problem's own rate, effective a year; `null` where it has several, or none yet. */
  readonly ownPercent: number | null;
}

export type JudgedProject =
  | { readonly ok: false; readonly sentence: string }
  | {
      readonly ok: true;
      readonly flows: readonly ProjectFlow[];
      /** The date that is today, ISO 8601, where amounts have dates. */
      readonly firstDate: string | null;
      readonly measuredBy: MeasuredBy;
      readonly subject: AppraisalSubject;
    };

/** The problem as a project, judged; or why it cannot be. */
export function judgedProject(
  problem: Problem,
  solution: SolvedProblem | null,
  { appraisal, conventions }: Pick<Draft, "appraisal" | "conventions">,
  format: AnswerFormat,
): JudgedProject {
  const project = projectOf(problem, solution);
  if (!project.ok) return failed(project, format);
  const measuredBy = measuredByOf(problem, appraisal);
  const { hurdlePercent, reinvestPercent } = measuredBy;
  const judged = appraiseAsFar(project.value, { hurdlePercent, reinvestPercent });
  if (!judged.ok) return failed(judged, format);
  const flows = project.value;
  const { ratesIssue } = judged.value;
  const inWholeYears = conventions.payback === "whole-years";
  return {
    ok: true,
    flows,
    firstDate: firstDateOf(problem),
    measuredBy,
    subject: {
      flows,
      hurdlePercent,
      reinvestPercent,
      judged: judged.value,
      ratesIssue,
      format,
      inWholeYears,
    },
  };
}

/** What is typed counts; else the problem's own rate; else nothing is discounted. */
export function measuredByOf(problem: Problem | null, typed: Draft["appraisal"]): MeasuredBy {
  const read = readAppraisal(typed);
  const hurdle = read.hurdle.state === "value" ? read.hurdle.value : null;
  const reinvest = read.reinvest.state === "value" ? read.reinvest.value : null;
  const ownPercent = problem === null ? null : ownRate(problem);
  const hurdlePercent = hurdle ?? ownPercent ?? 0;
  return {
    hurdlePercent,
    reinvestPercent: reinvest ?? hurdlePercent,
    hurdleFrom: hurdle !== null ? "typed" : ownPercent !== null ? "problem" : "nowhere",
    ownPercent,
  };
}

function ownRate({ rates }: Problem): number | null {
  const [rate] = rates;
  if (rates.length !== 1 || rate === undefined || typeof rate.percent !== "number") return null;
  const yearly = convertRate({ ...rate, percent: rate.percent }, { quoted: "effective" });
  return yearly.ok ? yearly.value : null;
}

function firstDateOf({ flows }: Problem): string | null {
  const firsts = flows.flatMap((flow) =>
    flow.kind === "dated" ? [flow.entries[0]?.on ?? ""] : [],
  );
  // ISO 8601 dates sort as text.
  return firsts.sort()[0] ?? null;
}

function failed(
  { issues }: Extract<Result<never>, { ok: false }>,
  format: AnswerFormat,
): JudgedProject {
  return { ok: false, sentence: issues.map((issue) => sentenceOf(issue, format)).join(" ") };
}
