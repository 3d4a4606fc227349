import type { Problem } from "../problem/schema";
import { succeed, type Result } from "../result";
import { solve } from "../solve/solve";
import type { Answer } from "../solve/solution";
import { type Claim } from "./claim";

import { rightAs, type RightAs } from "./right-as";
import { Search, type Explanation } from "./search";
import { subjectOf } from "./subject-after";

/** What was made of a number that somebody got. */
export type Marking =
  | {
      readonly verdict: "right";
      /** In which of its forms it is right. */
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
 * Says whether a number is the answer, and if not, which mistake, or pair of them, gives just that number.
 *
 * @param problem one that `readProblem` has passed
 * @param claim the number, with how precisely it was written
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
