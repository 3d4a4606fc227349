import type { Mark } from "../mark";
import { type Joined, joinedMarks } from "./joining";

/** "… and £1,200 with the 24th": with which payment something is paid, its noun left out. */
export function withRank(marks: readonly Mark[], at: number): Joined | null {
  if (marks[at]?.word !== "with") return null;
  const [opening, article, rank, behind] = marks.slice(at, at + 4);
  const isPlain = opening?.phrase === undefined && article?.phrase === undefined;
  if (opening?.word !== "with" || article?.word !== "the" || !isPlain) return null;
  const isEnd = behind === undefined || /^[.,;?:)]$/.test(behind.word);
  if (rank?.quantity?.is !== "number" || !rank.quantity.isOrdinal || !isEnd) return null;
  const { value } = rank.quantity;
  if (value < 2) return null;
  const phrase = { kind: "at-end-of-flows", numbers: [value] } as const;
  return joinedMarks(marks, [at, at + 3], phrase, rank.figures);
}
