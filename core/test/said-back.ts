import { solve } from "../src/engine/solve/solve";
import { sayProblem } from "../src/question/say";
import { randomProblems } from "./random-problems";

/** How many random problems with an answer there are, and how many of them are read back to it when they are told. */
export function saidBack(count: number, seed: number): { solved: number; back: number } {
  const problems = randomProblems(count, seed).filter((problem) => solve(problem).ok);
  const back = problems.filter((problem, index) => sayProblem(problem, index)?.isReadBack);
  return { solved: problems.length, back: back.length };
}
