import type { Problem } from "../../engine/problem/schema";
import { isClose, PART_BETWEEN } from "../../engine/numbers/compare";
import type { Answer } from "../../engine/solve/solution";
import { solve } from "../../engine/solve/solve";
import { readQuestion } from "../index";
import { itemisedText } from "./itemised";
import { namesOf } from "./names";
import { storiesOf } from "./stories";

/** A problem told as the text of a question. */
export interface SaidProblem {
  readonly text: string;
  /** Whether reading the text gives the problem's answers again. */
  readonly isReadBack: boolean;
}

/**
 * Tells a problem as a question: as a story where exercises tell one of its shape, else payment by payment. Each wording
 * is read again, and the first that gives the same answers is taken.
 *
 * @param seed chooses the names and the wording; the same one always gives the same text
 * @returns `null` where no words tell all of it: an amount that waits for another kind of unknown, say. What follows up
 *   (`also`), titles, labels and the way in which payments are rounded are not told.
 */
export function sayProblem(problem: Problem, seed = 0): SaidProblem | null {
  const names = namesOf(seed);
  const stories = storiesOf(problem, names);
  const turned = stories.map(
    (_, index) => stories[(index + Math.abs(seed)) % stories.length] ?? "",
  );
  const items = itemisedText(problem, names);
  const texts = items === null ? turned : [...turned, items];
  const answers = answersOf(problem);
  const found = answers === null ? undefined : texts.find((text) => isRead(text, answers));
  if (found !== undefined) return { text: found, isReadBack: true };
  const plainest = texts.at(-1);
  return plainest === undefined ? null : { text: plainest, isReadBack: false };
}

function answersOf(problem: Problem): readonly Answer[] | null {
  const solved = solve(problem);
  return solved.ok ? solved.value.answers : null;
}

/** Whether a text is read with nothing left open to other answers. */
function isRead(text: string, answers: readonly Answer[]): boolean {
  const { kind, parts } = readQuestion(text);
  const [only] = parts;
  if (kind !== "problem" || only === undefined || only.follow !== undefined) return false;
  const read = answersOf(only.problem);
  return (
    read?.length === answers.length && answers.every((answer, index) => isSame(answer, read[index]))
  );
}

function isSame(one: Answer, other: Answer | undefined): boolean {
  return (
    other?.unit === one.unit &&
    other.direction === one.direction &&
    isClose(one.value, other.value, PART_BETWEEN.anyWay)
  );
}
