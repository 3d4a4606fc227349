import type { QuestionFile } from "../../engine/question/question-file";
import { solveQuestion, type SolvedPart } from "../../engine/question/solve-question";
import type { PartRead } from "./part";

/** Most letters of a question that is typed leave its problems as they are. */
let last: { readonly told: string; readonly solved: readonly SolvedPart[] } = {
  told: "[]",
  solved: [],
};

/** The parts that are problems of their own, solved. */
export function solveParts(parts: readonly PartRead[]): readonly SolvedPart[] {
  const own = parts.flatMap(({ label, shape, linked, follow }, index): QuestionFile["parts"] => {
    const problem = linked ?? shape.problem;
    const isOwn = follow === null || follow.of === index;
    return problem === null || !isOwn ? [] : [{ label: label ?? "a", problem: { ...problem } }];
  });
  const told = JSON.stringify(own);
  if (told !== last.told) last = { told, solved: solveQuestion({ parts: own }) };
  return last.solved;
}
