import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import { momentOf } from "./moment";
import { isBreak, isMoney, until, type Scope } from "./scope";

/** "Bought for 180,000 and sold 11 years later for 420,000": the time is that of the nearer amount. */
function isOfNext(scope: Scope, mark: Mark, when: Mark): boolean {
  const next = scope.after(when, 6).find(isMoney);
  const joins = until(scope.after(mark, 10), (other) => other === when).some(({ word }) =>
    /^(?:and|then|but|,)$/.test(word),
  );
  // "Added to £3,000, so that after four years there is £15,000".
  const between = until(scope.after(mark, 10), (other) => other === when);
  if (next !== undefined && between.some(({ word }) => word === "so")) return true;
  const hasOwn =
    next !== undefined &&
    until(scope.after(next, 6), isMoney).some(
      ({ phrase }) => phrase?.kind === "when" && phrase.as !== "first-at",
    );
  return (
    next !== undefined && joins && !hasOwn && next.index - when.index < when.index - mark.index
  );
}

/** "It was built in 1926. A hundred years later it costs £9,000": later than something that is no money. */
function isOfStory(scope: Scope, mark: Mark): boolean {
  const { sentence, plain } = mark;
  const isFirst = scope.sentence(mark)[0] === mark && plain.endsWith(" later");
  return (
    isFirst &&
    !scope.marks.some((other) => other.sentence < sentence && other.quantity?.is === "money")
  );
}

/** "…, after which it is sold for €9,000." */
function turnBefore(scope: Scope, mark: Mark): Mark | null {
  const before = until(scope.before(mark, 8), isMoney);
  const at = before.findIndex(({ plain }) => plain === "after which");
  const isValue = before.slice(0, Math.max(at, 0)).some(({ word }) => LEFT_OVER.test(word));
  return isValue ? (before[at] ?? null) : null;
}

const LEFT_OVER = /^(?:worth|sold|resold|sells?|scrapped|fetch|fetches)$/;

/** The time nearest to an amount in its sentence, with no other amount between the two. */
export function whenOf(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): Mark | null {
  const stop = (other: Mark) => isMoney(other) || isBreak(other) || other.word === "?";
  const fits = (other: Mark) =>
    !taken.has(other) &&
    !isOfStory(scope, other) &&
    // "In today's money" is no time, and "28 today" an age.
    !/['’]s$/.test(other.text) &&
    !(other.phrase?.as === "now" && scope.before(other, 1)[0]?.quantity?.is === "number") &&
    (other.quantity?.is === "date" ||
      isOfFirst(other) ||
      other.phrase?.kind === "at-end-of-flows" ||
      (other.phrase?.kind === "when" && other.phrase.as !== "first-at"));
  const isLast = (other: Mark) => fits(other) && other.phrase?.kind === "at-end-of-flows";
  const last = until(scope.before(mark, 12), stop).find(isLast);
  if (last !== undefined) return last;
  // "£2,000 (due in 6 months)".
  const [open, inside, close] = scope.after(mark, 3);
  if (open?.word === "(" && inside !== undefined && close?.word === ")" && fits(inside))
    return inside;
  const turn = turnBefore(scope, mark);
  if (turn !== null) return turn;
  const [next, second] = scope.after(mark, 2);
  const isClosed = second === undefined || /^[.,;]$/.test(second.word);
  if (next !== undefined && isThen(next) && isClosed) return next;
  const found = until(scope.after(mark, 10), stop).find(fits) ?? null;
  const behind = found !== null && isOfNext(scope, mark, found) ? null : found;
  // "After ten years, in which it brings nothing, it can be sold for …".
  // "What is there after 3 years if I begin with 1,000": the time is asked about.
  const starts = (other: Mark) =>
    stop(other) || (other.word === "if" && other.phrase === undefined);
  const lead = until(scope.before(mark, 16), starts);
  const opening = lead.at(-1);
  const isOpening = opening !== undefined && opening === scope.sentence(mark)[0] && fits(opening);
  const before = until(scope.before(mark, 8), starts).find(fits) ?? (isOpening ? opening : null);
  if (behind === null || before === null) return behind ?? before;
  // "It now contains £900 and was opened six years ago."
  const isNow =
    before.phrase?.as === "now" &&
    mark.index - before.index <= 3 &&
    !isMoney(scope.before(before, 1)[0]);
  if (isNow && behind.phrase?.as === "ago") return before;
  const [far, near] = [behind.index - mark.index, mark.index - before.index];
  return far <= near + 2 ? behind : before;
}

/** Every time that a mark tells. */
export function timesOf(mark: Mark): readonly string[] {
  const { phrase } = mark;
  if (isOfFirst(mark)) {
    const [count = 1] = phrase?.numbers ?? [];
    return Array.from({ length: count }, (_, at) => timesSpan(at + 1, phrase?.iso ?? "P1Y"));
  }
  if (phrase?.as === "each-of") {
    const [from = 1, to = from] = phrase.numbers;
    const length = Math.max(0, to - from + 1);
    return Array.from({ length }, (_, at) => timesSpan(from + at, phrase.iso ?? "P1Y"));
  }
  return phrase?.kind === "when" && phrase.as === "end-of"
    ? phrase.numbers.map((number) => timesSpan(number, phrase.iso ?? "P1Y"))
    : [];
}

/** "At the end of each of the first two years": a row of times, beside others that are told one by one. */
export function isOfFirst({ phrase, text }: Mark): boolean {
  return phrase?.kind === "timing" && phrase.as === "end-of-next" && text.includes(" first ");
}

/** "… and $1,000 then." */
function isThen({ word, phrase }: Mark): boolean {
  return word === "then" && phrase?.kind === "thereafter";
}

/** When an amount is paid, by the mark that says so. */
export function atOf(when: Mark): string | null {
  if (when.phrase?.kind === "thereafter") return "end";
  if (isOfFirst(when)) return when.phrase?.iso ?? null;
  return when.phrase?.kind === "at-end-of-flows" ? "end" : momentOf(when);
}
