import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import { momentOf } from "./moment";
import { PAYMENT_NOUN } from "./rates";
import { rolesAround, strongest, type Role } from "./roles";
import { isBreak, isMoney, isYear, namesCurrency, until, wordsOf, type Scope } from "./scope";

/** An amount that is paid once, as far as the words tell of it. */
export interface AmountFact {
  readonly amount: number;
  readonly role: Role | null;
  readonly scores: ReadonlyMap<Role, number>;
  /** From today, ISO 8601; `"end"`: with the last payment; `null` where nothing says when. */
  readonly at: string | null;
  /** Every time that is told of it: "in each of the third, fourth and fifth years". */
  readonly times: readonly string[];
  /** How long ago it was there, where that is told. */
  readonly since?: string;
  /** How many there are of what costs so much: "50 shares at €31 each". */
  readonly counted?: Mark;
  /** A date of the calendar. */
  readonly on: string | null;
  readonly mark: Mark;
  readonly marks: readonly Mark[];
}

/** The amounts of a scope that no stream has taken. */
export function amountsIn(scope: Scope, taken: ReadonlySet<Mark>): AmountFact[] {
  const marks = scope.marks.filter(
    (mark) => isMoney(mark) && !taken.has(mark) && !isClaimed(scope, mark),
  );
  const plain = scope.marks.some(namesCurrency)
    ? []
    : scope.marks.filter((mark) => !taken.has(mark) && isPlainAmount(scope, mark));
  const all = [...marks, ...plain].sort((one, other) => one.index - other.index);
  return fromThePast(eachItsTime(all.map((mark) => amountFact(scope, mark, taken))));
}

const CHECKS = / (?:check|correct|wrong|mistake|is that right|is this right) /;

/** "Please check: I get £900": what somebody has worked out is what is asked for. */
export function isClaimed(scope: Scope, mark: Mark): boolean {
  const lead = wordsOf([...scope.before(mark, 3)].reverse());
  return (
    / (?:i (?:get|got|found|calculated|make it|have)|(?:my|the) (?:answer|result) (?:is|was)) $/.test(
      lead,
    ) && CHECKS.test(scope.words)
  );
}

/** A time between two amounts is told of the nearer one. */
export function eachItsTime(amounts: readonly AmountFact[]): AmountFact[] {
  return amounts.map((fact) => {
    const { mark, marks, times } = fact;
    const [when] = marks.filter((other) => other !== mark);
    if (when === undefined || times.length > 1) return fact;
    const distance = (other: AmountFact) => Math.abs(other.mark.index - when.index);
    // In the middle, it is told of the one before it.
    const lead = (other: AmountFact) => distance(other) + (other.mark.index > when.index ? 0.5 : 0);
    const isOfOther = amounts.some(
      (other) => other !== fact && other.marks.includes(when) && lead(other) < lead(fact),
    );
    return isOfOther ? { ...fact, at: null, on: null, times: [], marks: [mark] } : fact;
  });
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
    !/^(?:becomes?|grows?|falls?|rises?|shrinks?|declines?|increases?|decreases?|loses?|is|at|was|today|now|and|to|in|into|for|,|\.|\?|;|has|have|will|amounts?|over|earns?|turns?|doubles?|trebles?|triples?|accumulates?|after|on|from|with|down|worth|due|loan|mortgage|debt|invested|deposited|borrowed)$/.test(
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
    if (isPast(fact)) {
      const since = fact.marks.find(({ phrase }) => phrase?.as === "ago")?.phrase?.iso;
      return { ...fact, at: "P0D", marks: [fact.mark], ...(since === undefined ? {} : { since }) };
    }
    return fact.at === "P0D" ? { ...fact, at: "end" } : fact;
  });
}

export function amountFact(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): AmountFact {
  const scores = rolesAround(scope, mark);
  const when = whenOf(scope, mark, taken);
  const { quantity } = mark;
  const value = quantity?.is === "money" || quantity?.is === "number" ? quantity.value : 0;
  const counted = countedBy(scope, mark);
  const times = counted?.quantity?.is === "number" ? counted.quantity.value : 1;
  const role = strongest(scores);
  const at = when === null ? null : atOf(when);
  return {
    amount: Number((value * times).toPrecision(15)),
    ...(counted === null ? {} : { counted }),
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

/** "50 shares at €31 each": the figure that tells how many; `null` where one is told. */
function countedBy(scope: Scope, mark: Mark): Mark | null {
  const [at, noun, number] = scope.before(mark, 3);
  // "To each of his 3 nieces £4,000".
  const [, count, whose, of, each] = scope.before(mark, 5);
  const isToEach =
    each?.word === "each" &&
    of?.word === "of" &&
    /^(?:his|her|their|the|its|my|our)$/.test(whose?.word ?? "") &&
    count?.quantity?.is === "number";
  if (isToEach) return count;
  const isEach = /^(?:each|apiece)$/.test(scope.after(mark, 1)[0]?.word ?? "");
  const isOfThings =
    /^(?:at|for|of|costing)$/.test(at?.word ?? "") &&
    noun?.word.endsWith("s") === true &&
    !PAYMENT_NOUN.test(noun.word);
  const isCount = number?.quantity?.is === "number" && !number.quantity.isOrdinal;
  if (isEach && isOfThings && isCount) return number;
  return isEach ? countOfWorth(scope, mark) : null;
}

/** "200 gold sovereigns, worth £340 each". */
function countOfWorth(scope: Scope, mark: Mark): Mark | null {
  const [worth, comma, ...behind] = scope.before(mark, 6);
  const isWorth = worth?.word === "worth";
  const words = comma?.word === "," ? behind : [comma, ...behind];
  const at = words.findIndex((one) => one?.quantity?.is === "number");
  const number = words[at];
  const isNear = at > 0 && at <= 2 && words[0]?.word.endsWith("s") === true;
  const isCount = number?.quantity?.is === "number" && !number.quantity.isOrdinal;
  return isWorth && isNear && isCount ? number : null;
}

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

function atOf(when: Mark): string | null {
  if (when.phrase?.kind === "thereafter") return "end";
  if (isOfFirst(when)) return when.phrase?.iso ?? null;
  return when.phrase?.kind === "at-end-of-flows" ? "end" : momentOf(when);
}

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
function whenOf(scope: Scope, mark: Mark, taken: ReadonlySet<Mark>): Mark | null {
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
