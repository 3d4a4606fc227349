import type { Mark } from "../mark";
import { periodsIn } from "../span";
import { unitIn } from "../units";
import { behindJoint, type Joined, joinedMarks } from "./joining";

/** "In 6 and 12 months", "after 1, 2 and 4 years": several times, with their unit behind the last. */
export function timesOfOneUnit(marks: readonly Mark[], at: number): Joined | null {
  const from = behindOpening(marks, at);
  if (from === null) return null;
  const numbers: number[] = [];
  const figures = [];
  for (let next = from; ;) {
    const figure = marks[next];
    const last = lengthOf(figure);
    if (last !== null && figure !== undefined && numbers.length > 0) {
      const phrase = {
        kind: "when",
        as: "end-of",
        iso: last.unit,
        numbers: [...numbers, last.count],
      } as const;
      return joinedMarks(marks, [at, next + 1], phrase, [...figures, ...figure.figures]);
    }
    if (figure?.quantity?.is !== "number" || figure.quantity.isOrdinal) return null;
    numbers.push(figure.quantity.value);
    figures.push(...figure.figures);
    const behind = behindJoint(marks, next + 1);
    if (behind === null) return null;
    next = behind;
  }
}

/** Where the first of the times stands; `null` where no words lead to one. */
function behindOpening(marks: readonly Mark[], at: number): number | null {
  const opening = marks[at];
  if (opening?.phrase === undefined)
    return /^(?:in|after|within)$/.test(opening?.word ?? "") ? at + 1 : null;
  // "At the end of 3, 6 and 9 months."
  const { kind, numbers } = opening.phrase;
  const isEnd = kind === "at-end-of-flows" && numbers.length === 0;
  return isEnd && marks[at + 1]?.word === "of" ? at + 2 : null;
}

/** "At the ends of the 3rd, 4th and 5th years", "in the first, second and third year". */
export function ranksOfOneUnit(marks: readonly Mark[], at: number): Joined | null {
  const opening = marks[at];
  if (!/^(?:at|in)$/.test(opening?.word ?? "")) return null;
  const lead = marks
    .slice(at, at + 6)
    .map(({ word, phrase }) => (phrase === undefined ? word : ""));
  const isEnd =
    opening?.phrase?.kind === "at-end-of-flows" &&
    opening.phrase.numbers.length === 0 &&
    lead[1] === "of" &&
    lead[2] === "the";
  const length = isEnd
    ? 3
    : LEADS.map((words) => words.split(" ")).find((words) =>
        words.every((word, index) => lead[index] === word),
      )?.length;
  if (opening === undefined || length === undefined) return null;
  const numbers: number[] = [];
  const figures = [];
  for (let next = at + length; ;) {
    const figure = marks[next];
    if (figure?.quantity?.is !== "number" || !figure.quantity.isOrdinal) return null;
    numbers.push(figure.quantity.value);
    figures.push(...figure.figures);
    next += 1;
    const unit = marks[next]?.phrase === undefined ? unitIn(marks[next]?.word ?? "") : null;
    if (unit !== null && numbers.length > 1) {
      const phrase = { kind: "when", as: "end-of", iso: unit, numbers } as const;
      return joinedMarks(marks, [at, next + 1], phrase, figures);
    }
    const behind = behindJoint(marks, next);
    if (behind === null) return null;
    next = behind;
  }
}

const LEADS = ["at the ends of the", "at the end of the", "at the ends of", "in the", "in"];

/** A length in one unit: "12 months". */
function lengthOf(mark: Mark | undefined): { count: number; unit: string } | null {
  const isLength = mark?.quantity?.is === "span" && !mark.quantity.isArticle;
  // "In one and in three years".
  const isAgain = mark?.phrase?.kind === "when" && /^(?:in|after|within) \S+ \S+$/.test(mark.text);
  const iso = mark?.quantity?.is === "span" ? mark.quantity.iso : mark?.phrase?.iso;
  if (mark === undefined || iso === undefined || (!isLength && !isAgain)) return null;
  const unit = unitIn(mark.text);
  const count = unit === null ? null : periodsIn(iso, unit);
  return unit === null || count === null ? null : { count, unit };
}
