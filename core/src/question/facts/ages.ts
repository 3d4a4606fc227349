import type { Mark } from "../marks/mark";
import type { Scope } from "./scope";

/** An age of somebody whose life tells the times: "44 today", "until she is 62", "her 60th birthday". */
export interface AgeFact {
  readonly age: number;
  readonly mark: Mark;
}

const BEFORE =
  /^(?:am|im|i'm|turns|turned|turn|turning|is|aged|age|until|till|at|reaches|between|to|and|from|now|of|becomes|just|be|was)$/;

/**
 * The ages that the times of a problem are told by, in the order of a life.
 *
 * @returns nothing where only one is told: then it is a part of the story
 */
export function agesIn(scope: Scope): AgeFact[] {
  const told = scope.marks
    .filter((mark) => isAge(scope, mark))
    .map((mark) => ({ age: ageOf(mark), mark }));
  const hasCue =
    WHEN.test(scope.words) ||
    scope.marks.some(({ word }) =>
      /^(?:birthday|birthdays|age|ages|aged|old|turns|turned|turn|born|retire|retires|retirement|until|reaches)$/.test(
        word,
      ),
    );
  // "Solveig is 29 and wants €200,000 at 60."
  const [first, second] = told;
  const isLife =
    told.length === 2 &&
    first !== undefined &&
    second !== undefined &&
    (isNow(scope, first.mark) || isNow(scope, second.mark)) &&
    (/^(?:at|im|i'm)$/.test(scope.before(second.mark, 1)[0]?.word ?? "") ||
      // "She wants £500,000 at 65. She is 30."
      scope.before(first.mark, 1)[0]?.word === "at" ||
      /^(?:he|she|they|i)$/.test(scope.before(second.mark, 2)[1]?.word ?? ""));
  const ages = [...new Map(told.map((fact) => [fact.age, fact])).values()];
  return (hasCue || isLife) && ages.length >= 2
    ? ages.sort((one, other) => one.age - other.age)
    : [];
}

/** "When she was 25." */
const WHEN = / when (?:he|she|i|they|you) (?:was|were|am|is|are) \d/;

/** "She is 30", "aged 30". */
function isNow(scope: Scope, mark: Mark): boolean {
  // "Ambrose, 44, has £900."
  const isApart = scope.before(mark, 1)[0]?.word === "," && scope.after(mark, 1)[0]?.word === ",";
  if (isApart) return true;
  return /^(?:is|am|was|aged|im|i'm)$/.test(scope.before(mark, 1)[0]?.word ?? "");
}

function ageOf({ quantity, word }: Mark): number {
  if (word === "born" || word === "birth") return 0;
  if (quantity?.is === "number") return quantity.value;
  return quantity?.is === "span" ? Number(/^P(\d+)Y$/.exec(quantity.iso)?.[1] ?? 0) : 0;
}

function isAge(scope: Scope, mark: Mark): boolean {
  const age = ageOf(mark);
  if (mark.word === "born" || mark.word === "birth") return mark.phrase === undefined;
  if (!Number.isInteger(age) || age < 1 || age > 110) return false;
  const { quantity } = mark;
  const [next, second] = scope.after(mark, 2);
  const [before, earlier] = scope.before(mark, 2);
  if (quantity?.is === "span") return next?.word === "old";
  if (quantity?.is !== "number") return false;
  if (next?.word === "birthday") return true;
  // "From his 30th to his 65th birthday".
  if (quantity.isOrdinal) {
    // "On his fifth birthday … on his twentieth".
    const isElided =
      /^(?:his|her|their|my)$/.test(before?.word ?? "") &&
      (next === undefined || /^[.,;?!:]$/.test(next.word));
    const isOfBirthdays = scope.marks.some(({ word }) => word === "birthday");
    return isOfBirthdays && (next?.word === "to" || isElided);
  }
  const isPlain =
    next === undefined ||
    /^(?:[.,;?!)]|today|now|and|to|when|he|she|the|a|an|with|until)$/.test(next.word) ||
    next.phrase !== undefined;
  const isAfterCue =
    BEFORE.test(before?.word ?? "") ||
    before?.phrase?.as === "now" ||
    /^(?:he|she|i|they)$/.test(earlier?.word ?? "");
  const isNamed = before?.word === "," && (next?.word === "," || second?.word === "old");
  const isSomebody =
    before?.word === "of" &&
    /^(?:man|woman|person|somebody|someone|girl|boy|teacher|worker)$/.test(earlier?.word ?? "");
  if (isSomebody) return true;
  const isYearsOld = next?.word === "old";
  return isYearsOld || (isPlain && (isAfterCue || isNamed));
}
