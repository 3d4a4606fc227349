import type { FollowUp, Problem } from "../../engine/problem/schema";
import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import { solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import { agreesInSize, type Claim } from "../../engine/numbers/claim";
import { ROUNDING_CODES } from "./mistake";
import { rightAs, type RightAs } from "./right-as";
import { Search, type Explanation } from "./search";
import { subjectOf } from "./subject-after";

/**
 * What a marking comes to: a form of the answer, one's own earlier answer used rightly, the answer but for its last digit,
 * a mistake, or none of these.
 */
export const VERDICTS = [
  "right",
  "follows-through",
  "rounding",
  "explained",
  "unexplained",
] as const;

export type Verdict = (typeof VERDICTS)[number];

/** A number that a mistake gives; `rounding` where it is right but for its last digit, or cut off. */
export interface Explained {
  readonly verdict: "explained" | "rounding";
  readonly explanations: readonly [Explanation, ...Explanation[]];
  readonly answer: Answer;
}

/** The marking of a student's number. */
export type Marking =
  | {
      readonly verdict: "right";
      /** The form in which it is correct. */
      readonly as: RightAs;
      readonly answer: Answer;
    }
  | Explained
  | {
      /** Correct from what the student has for earlier parts. */
      readonly verdict: "follows-through";
      readonly through: Through;
      readonly answer: Answer;
    }
  | { readonly verdict: "unexplained"; readonly answer: Answer };

/** The earlier parts of which the student's own answers are used. */
export interface Through {
  readonly labels: readonly string[];
  /** Those of which they are wrong, and not only rounded. */
  readonly wrong: readonly string[];
}

/** What is marked beside the answer of a problem by itself. */
export interface Marked {
  /** The follow-up that is marked: its place among the problem's, from 0, or a question of its own; left out: the answer. */
  readonly follow?: number | FollowUp | undefined;
  /** The problem as it is with the student's own answers of earlier parts. */
  readonly through?: (Through & { readonly problem: Problem }) | undefined;
}

/**
 * Decides whether a number is the answer and, if not, which mistake or pair of mistakes gives exactly that number.
 *
 * @param problem one that `readProblem` has passed
 * @param claim the number and its precision
 * @param marked a follow-up in place of the answer; a part of a question, with one's own earlier answers
 * @returns fails as `solve` does, and with `follow-up-missing`; explanations likeliest first, three at most
 */
export function markAnswer(problem: Problem, claim: Claim, marked: Marked = {}): Result<Marking> {
  const { follow, through } = marked;
  const marking =
    follow === undefined ? markOwn(problem, claim) : markFollowUp(problem, follow, claim);
  if (!marking.ok || marking.value.verdict === "right" || through === undefined) return marking;
  const followed =
    follow === undefined
      ? markOwn(through.problem, claim)
      : markFollowUp(through.problem, follow, claim);
  return followed.ok && followed.value.verdict === "right"
    ? succeed({
        verdict: "follows-through",
        through,
        answer: marking.value.answer,
      })
    : marking;
}

function markFollowUp(of: Problem, wanted: number | FollowUp, claim: Claim): Result<Marking> {
  const { problem, follow } = withFollowUp(of, wanted);
  const solved = solve(problem);
  if (!solved.ok) return solved;
  const value = followed(solved.value, follow);
  if (value === null) return fail(issue("follow-up-missing", [], { follow }));
  const answer: Answer = { value, unit: "money" };
  if (agreesInSize(claim, value)) return succeed({ verdict: "right", as: "it is", answer });
  const question = problem.also?.[follow];
  const asked = question === undefined ? null : { question, place: follow };
  const { unknown } = solved.value;
  const subject = subjectOf(problem, unknown, answer, () => solved.value, asked);
  const read = (other: Problem) => {
    const slipped = solve(other);
    return slipped.ok ? followed(slipped.value, follow) : null;
  };
  return succeed(found(new Search(subject, claim, read).run(), answer));
}

/** A problem that asks the follow-up, and the place of that. */
function withFollowUp(problem: Problem, wanted: number | FollowUp) {
  if (typeof wanted === "number") return { problem, follow: wanted };
  const { also = [] } = problem;
  return { problem: { ...problem, also: [...also, wanted] }, follow: also.length };
}

function followed({ also }: SolvedProblem, follow: number): number | null {
  return also[follow] ?? null;
}

function found(explanations: readonly Explanation[], answer: Answer): Marking {
  const [first, ...others] = explanations;
  if (first === undefined) return { verdict: "unexplained", answer };
  const isRounding = first.codes.every((code) => ROUNDING_CODES.has(code));
  return {
    verdict: isRounding ? "rounding" : "explained",
    explanations: [first, ...others],
    answer,
  };
}

function markOwn(problem: Problem, claim: Claim): Result<Marking> {
  const solved = solve(problem);
  if (!solved.ok) return solved;
  const solution = solved.value;
  const right = rightAs(solution, claim, problem);
  const answer = solution.answers[0];
  if (right !== null) return succeed({ verdict: "right", as: right, answer });
  const subject = subjectOf(problem, solution.unknown, answer, () => solution);
  return succeed(found(new Search(subject, claim).run(), answer));
}
