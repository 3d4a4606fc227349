import { QUESTION_FORMAT } from "../../engine/problem/problem-file";
import type { Problem } from "../../engine/problem/schema";
import type { QuestionFile } from "../../engine/question/question-file";
import type { PartRead } from "../parts/part";

/**
 * A reading as one file, with the text: a problem, or a question whose later parts take up the answers of earlier ones.
 *
 * @returns `null` where a part has no problem
 */
export function fileOf(text: string, parts: readonly PartRead[]): Problem | QuestionFile | null {
  const own = parts.filter(({ follow }, index) => follow === null || follow.of === index);
  const problems = own.map(({ linked, shape }) => linked ?? shape.problem);
  const [first] = own;
  if (first === undefined || problems.includes(null)) return null;
  const { problem } = first.shape;
  if (own.length === 1) return problem === null ? null : { ...problem, question: text };
  const currency = problem?.currency;
  return {
    format: QUESTION_FORMAT,
    version: 1,
    question: text,
    ...(currency === undefined ? {} : { currency }),
    parts: own.map(({ label }, index) => ({
      label: label ?? "a",
      problem: { ...problems[index] },
    })),
  };
}
