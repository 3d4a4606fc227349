import type { Mark } from "../mark";
import { unitIn } from "../units";
import { type Joined, joinedMarks } from "./joining";

const CLOSES = /^[,.;?!:)]$/;

/** "At 2.1% a quarter … if £700 is paid at the end of each?": the unit is the nearest one before. */
export function timingLeftOut(
  marks: readonly Mark[],
  at: number,
  before: readonly Mark[],
): Joined | null {
  const opening = marks[at];
  const end = ENDS.exec(opening?.plain ?? "")?.[1];
  if (end === undefined || opening?.phrase === undefined) return null;
  const [of, each, behind] = marks.slice(at + 1, at + 4);
  const isClosed = behind === undefined || CLOSES.test(behind.word);
  if (of?.word !== "of" || each?.word !== "each" || !isClosed) return null;
  const unit = before.findLast(
    ({ sentence, phrase, word }) =>
      sentence === opening.sentence && (phrase?.iso !== undefined || unitIn(word) !== null),
  );
  const iso = unit === undefined ? null : (unit.phrase?.iso ?? unitIn(unit.word));
  if (iso === null) return null;
  const as = end === "end" ? "end" : "start";
  return joinedMarks(marks, [at, at + 3], { kind: "timing", as, iso, numbers: [] }, []);
}

const ENDS = /^at the (end|start|beginning)$/;
