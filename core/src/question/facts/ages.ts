import type { Mark } from "../marks/mark";
import type { Scope } from "./scope";

/** An age of somebody whose life tells the times: "44 today", "until she is 62", "her 60th birthday". */
export interface AgeFact {
  readonly age: number;
  readonly mark: Mark;
}

const BEFORE =
  /^(?:turns|turned|turn|turning|is|aged|age|until|till|at|reaches|between|to|and|from|now|of|becomes|just|be|was)$/;

/**
 * The ages that the times of a problem are told by, in the order of a life.
 *
 * @returns nothing where only one is told: then it is a part of the story
 */
export function agesIn(scope: Scope): AgeFact[] {
  const told = scope.marks
    .filter((mark) => isAge(scope, mark))
    .map((mark) => ({ age: ageOf(mark), mark }));
  const hasCue = scope.marks.some(({ word }) =>
    /^(?:birthday|birthdays|age|aged|old|turns|turned|turn|retire|retires|retirement|until|reaches)$/.test(
      word,
    ),
  );
  const ages = [...new Map(told.map((fact) => [fact.age, fact])).values()];
  return hasCue && ages.length >= 2 ? ages.sort((one, other) => one.age - other.age) : [];
}

function ageOf({ quantity, word }: Mark): number {
  if (word === "born") return 0;
  if (quantity?.is === "number") return quantity.value;
  return quantity?.is === "span" ? Number(/^P(\d+)Y$/.exec(quantity.iso)?.[1] ?? 0) : 0;
}

function isAge(scope: Scope, mark: Mark): boolean {
  const age = ageOf(mark);
  if (mark.word === "born") return mark.phrase === undefined;
  if (!Number.isInteger(age) || age < 1 || age > 110) return false;
  const { quantity } = mark;
  const [next, second] = scope.after(mark, 2);
  const [before, earlier] = scope.before(mark, 2);
  if (quantity?.is === "span") return next?.word === "old";
  if (quantity?.is !== "number") return false;
  if (next?.word === "birthday") return true;
  // "From his 30th to his 65th birthday".
  if (quantity.isOrdinal)
    return next?.word === "to" && scope.sentence(mark).some(({ word }) => word === "birthday");
  const isPlain =
    next === undefined ||
    /^(?:[.,;?!)]|today|now|and|to|when|he|she|the|with|until)$/.test(next.word) ||
    next.phrase !== undefined;
  const isAfterCue =
    BEFORE.test(before?.word ?? "") ||
    before?.phrase?.as === "now" ||
    /^(?:he|she|i|they)$/.test(earlier?.word ?? "");
  const isNamed = before?.word === "," && (next?.word === "," || second?.word === "old");
  const isYearsOld = next?.word === "old";
  return isYearsOld || (isPlain && (isAfterCue || isNamed));
}
