import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import { momentOf } from "./details";
import { rolesAround, strongest, type Role } from "./roles";
import { isBreak, isMoney, isYear, namesCurrency, until, type Scope } from "./scope";

/** An amount that is paid once, as far as the words tell of it. */
export interface AmountFact {
  readonly amount: number;
  readonly role: Role | null;
  readonly scores: ReadonlyMap<Role, number>;
  /** From today, ISO 8601; `"end"`: with the last payment; `null` where nothing says when. */
  readonly at: string | null;
  /** Every time that is told of it: "in each of the third, fourth and fifth years". */
  readonly times: readonly string[];
  /** A date of the calendar. */
  readonly on: string | null;
  readonly mark: Mark;
  readonly marks: readonly Mark[];
}

/** The amounts of a scope that no stream has taken. */
export function amountsIn(scope: Scope, taken: ReadonlySet<Mark>): AmountFact[] {
  const marks = scope.marks.filter((mark) => isMoney(mark) && !taken.has(mark));
  const plain = scope.marks.some(namesCurrency)
    ? []
    : scope.marks.filter((mark) => !taken.has(mark) && isPlainAmount(scope, mark));
  const all = [...marks, ...plain].sort((one, other) => one.index - other.index);
  return fromThePast(all.map((mark) => amountFact(scope, mark, taken)));
}

/** "The future value of 2000": no year. */
function isOfWorth(scope: Scope, mark: Mark): boolean {
  const [of, noun] = scope.before(mark, 2);
  return (
    of?.word === "of" &&
    /^(?:value|worth|pv|fv|loan|debt|sum|amount|principal|deposit|price|investment)$/.test(
      noun?.word ?? "",
    )
  );
}

/** "What does 7 400 become": a figure without a currency, and without a noun that it counts. */
function isPlainAmount(scope: Scope, mark: Mark): boolean {
  const { quantity } = mark;
  if (quantity?.is !== "number" || quantity.isOrdinal || quantity.value < 100) return false;
  const [next] = scope.after(mark, 1);
  const [before] = scope.before(mark, 1);
  const isOfCalendar =
    isYear(mark) &&
    next?.phrase?.kind !== "when" &&
    !/^(?:worth|due|invested|deposited|borrowed)$/.test(next?.word ?? "") &&
    !isOfWorth(scope, mark);
  const isCounted =
    next !== undefined &&
    next.phrase === undefined &&
    next.quantity === undefined &&
    !/^(?:becomes?|grows?|is|at|was|today|now|and|to|in|into|for|,|\.|\?|;|has|have|will|amounts?|over|earns?|accumulates?|after|on|from|with|down|worth|due|loan|mortgage|debt|invested|deposited|borrowed)$/.test(
      next.word,
    );
  return (
    !isOfCalendar &&
    !isCounted &&
    !/^(?:question|exercise|problem|room|page|case|ref|no|number|unit)$/.test(before?.word ?? "")
  );
}

/** "Had 3,000 five years ago … now shows 10,400": what was is the start, and what is now the end. */
function fromThePast(amounts: readonly AmountFact[]): AmountFact[] {
  const isPast = ({ marks }: AmountFact) => marks.some(({ phrase }) => phrase?.as === "ago");
  if (!amounts.some(isPast)) return [...amounts];
  return amounts.map((fact) => {
    if (isPast(fact)) return { ...fact, at: "P0D", marks: [fact.mark] };
    return fact.at === "P0D" ? { ...fact, at: "end" } : fact;
  });
}

export function amountFact(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): AmountFact {
  const scores = rolesAround(scope, mark);
  const when = whenOf(scope, mark, taken);
  const { quantity } = mark;
  const value = quantity?.is === "money" || quantity?.is === "number" ? quantity.value : 0;
  const role = strongest(scores);
  const at = when === null ? null : atOf(when);
  return {
    amount: value,
    role,
    scores,
    // What is to be reached is not there today.
    at: role === "goal" && at === "P0D" ? null : at,
    times: when === null ? [] : timesOf(when),
    on: when?.quantity?.is === "date" ? when.quantity.iso : null,
    mark,
    // A date counts where several amounts are on dates: see `datedOf`.
    marks: when === null || when.quantity !== undefined ? [mark] : [mark, when],
  };
}

function timesOf({ phrase }: Mark): readonly string[] {
  return phrase?.kind === "when" && phrase.as === "end-of"
    ? phrase.numbers.map((number) => timesSpan(number, phrase.iso ?? "P1Y"))
    : [];
}

function atOf(when: Mark): string | null {
  return when.phrase?.kind === "at-end-of-flows" ? "end" : momentOf(when);
}

/** "Bought for 180,000 and sold 11 years later for 420,000": the time is that of the nearer amount. */
function isOfNext(scope: Scope, mark: Mark, when: Mark): boolean {
  const next = scope.after(when, 6).find(isMoney);
  const joins = until(scope.after(mark, 10), (other) => other === when).some(({ word }) =>
    /^(?:and|then|but|,)$/.test(word),
  );
  return next !== undefined && joins && next.index - when.index < when.index - mark.index;
}

/** The time nearest to an amount in its sentence, with no other amount between the two. */
function whenOf(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): Mark | null {
  const stop = (other: Mark) => isMoney(other) || isBreak(other) || other.word === "?";
  const fits = (other: Mark) =>
    !taken.has(other) &&
    (other.quantity?.is === "date" ||
      other.phrase?.kind === "at-end-of-flows" ||
      (other.phrase?.kind === "when" && other.phrase.as !== "first-at"));
  const isLast = (other: Mark) => fits(other) && other.phrase?.kind === "at-end-of-flows";
  const last = until(scope.before(mark, 12), stop).find(isLast);
  if (last !== undefined) return last;
  const found = until(scope.after(mark, 10), stop).find(fits) ?? null;
  const behind = found !== null && isOfNext(scope, mark, found) ? null : found;
  const before = until(scope.before(mark, 8), stop).find(fits) ?? null;
  if (behind === null || before === null) return behind ?? before;
  const [far, near] = [behind.index - mark.index, mark.index - before.index];
  return far <= near + 2 ? behind : before;
}
