import type { Problem } from "../../engine/problem/schema";
import { succeed, type Result } from "../../engine/result";
import { solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import { type Claim } from "../../engine/numbers/claim";
import { rightAs, type RightAs } from "./right-as";
import { Search, type Explanation } from "./search";
import { subjectOf } from "./subject-after";

/** What a marking comes to: a form of the answer, the result of a mistake, or neither. */
export const VERDICTS = ["right", "explained", "unexplained"] as const;

export type Verdict = (typeof VERDICTS)[number];

/** The marking of a student's number. */
export type Marking =
  | {
      readonly verdict: "right";
      /** The form in which it is correct. */
      readonly as: RightAs;
      readonly answer: Answer;
    }
  | {
      readonly verdict: "explained";
      readonly explanations: readonly Explanation[];
      readonly answer: Answer;
    }
  | { readonly verdict: "unexplained"; readonly answer: Answer };

/**
 * Decides whether a number is the answer and, if not, which mistake or pair of mistakes gives exactly that number.
 *
 * @param problem one that `readProblem` has passed
 * @param claim the number and its precision
 * @returns fails as `solve` does; explanations likeliest first, three at most
 */
export function markAnswer(problem: Problem, claim: Claim): Result<Marking> {
  const solved = solve(problem);
  if (!solved.ok) return solved;
  const solution = solved.value;
  const right = rightAs(solution, claim, problem);
  const answer = solution.answers[0];
  if (right !== null) return succeed({ verdict: "right", as: right, answer });
  const subject = subjectOf(problem, solution.unknown, answer, () => solution);
  const explanations = new Search(subject, claim).run();
  return succeed(
    explanations.length > 0
      ? { verdict: "explained", explanations, answer }
      : { verdict: "unexplained", answer },
  );
}
