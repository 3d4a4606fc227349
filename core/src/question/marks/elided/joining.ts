import type { Mark } from "../mark";

type Phrase = NonNullable<Mark["phrase"]>;

/** One mark for several, and the place of the mark that follows them. */
export interface Joined {
  readonly mark: Mark;
  readonly next: number;
}

/** The marks from `at` to before `next` as one that says `phrase`; figures that say nothing of it are left to others. */
export function joinedMarks(
  marks: readonly Mark[],
  [at, next]: readonly [number, number],
  phrase: Phrase,
  figures: Mark["figures"],
): Joined | null {
  const opening = marks[at];
  const last = marks[next - 1];
  if (opening === undefined || last === undefined) return null;
  const inner = marks.slice(at, next);
  const text = inner.map((mark) => mark.text).join(" ");
  const plain = inner.map((mark) => mark.plain).join(" ");
  const { behind, to } = last;
  return { mark: { ...opening, behind, to, text, plain, figures, phrase }, next };
}

/** The place behind what joins a list's members, a comma, "and" or both, or null where the list ends. */
export function behindJoint(marks: readonly Mark[], at: number): number | null {
  const word = marks[at]?.word;
  if (word !== "," && word !== "and" && word !== "&") return null;
  return word === "," && marks[at + 1]?.word === "and" ? at + 2 : at + 1;
}
