import type { Mark } from "../marks/mark";
import { addSpans, periodsIn } from "../marks/span";
import type { PaymentsFact } from "./payments-fact";
import { PAYMENT_NOUN } from "./rates";
import { isMoney, until, wordsOf, type Scope } from "./scope";
import { streamAt } from "./stream-at";

export function addTerms(scope: Scope, streams: readonly PaymentsFact[]): void {
  addRemaining(scope, streams);
  for (const mark of scope.marks) {
    const { phrase } = mark;
    if (phrase?.kind !== "lasting" || !isTerm(streams, mark)) continue;
    if (phrase.iso === undefined || isOfRate(scope, mark)) continue;
    if (streams.some(({ marks }) => marks.includes(mark))) continue;
    if (isOfInterestOnly(scope, mark)) {
      streams[0]?.marks.push(mark);
      continue;
    }
    const waiting = isWaiting(scope, mark) ? waitingStream(streams, mark) : null;
    if (waiting !== null) {
      waiting.waits = phrase.iso;
      waiting.marks.push(mark);
      continue;
    }
    const later =
      phrase.as === "next"
        ? streams.find((one) => one.marks.every(({ index }) => index > mark.index))
        : undefined;
    const stream = later ?? streamFor(scope, streams, mark);
    if (stream?.term !== null || stream.count === "forever") continue;
    // "€5,500 after one year and then, for nine more years, …": the first is told by itself.
    const isAfterOne =
      / (?:more|further|additional) /.test(mark.text) &&
      stream.first !== null &&
      stream.every === stream.first;
    stream.term = isAfterOne ? addSpans(phrase.iso, stream.first ?? "P0D") : phrase.iso;
    stream.isNext ||= phrase.as === "next";
    stream.marks.push(mark);
  }
}

/** "Its first payment now and its last in 11 years": how many there are, from the first to the last. */
export function addLast(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    const { phrase } = mark;
    const lead = wordsOf([...scope.before(mark, 2)].reverse());
    const isLast =
      phrase?.kind === "when" && phrase.as === "at" && / last (?:one |payment )?$/.test(lead);
    const stream = isLast ? streamAt(streams, mark) : null;
    const every = stream?.every ?? null;
    if (phrase?.iso === undefined || stream === null || every === null) continue;
    if (stream.count !== null || stream.term !== null) continue;
    const isNow = stream.first === "P0D" || (stream.first === null && stream.timing === "start");
    const from = isNow ? "P0D" : (stream.first ?? every);
    const between = periodsIn(addSpans(phrase.iso, from, -1), every);
    if (between === null) continue;
    stream.count = between + 1;
    stream.marks.push(mark);
  }
}

const WAITS =
  / (?:lie|lies|lying|let it rest|accumulate|accumulates|untouched|undisturbed|grow|grows|is left to|leaves it|let it|deferred|nothing is (?:paid|drawn|repaid|due)|nothing has to be|nothing (?:for|during)|(?:grace|waiting|deferral|deferment) period|(?:yields?|brings?|pays?|earns?|produces?|bears?|gives?|returns?|receives?|gets?) (?:nothing|no (?!more|interest)\S+)|no payments?|no repayments?|pays nothing|waits?) /;

/** "She lets it lie for four years", "nothing is paid for two years". */
function isWaiting(scope: Scope, mark: Mark): boolean {
  const stop = ({ word, phrase }: Mark) =>
    /^[,;.:]$/.test(word) || word === "and" || phrase?.kind === "thereafter";
  const clause = [
    ...[...until(scope.before(mark, 10), stop)].reverse(),
    mark,
    ...until(scope.after(mark, 6), stop),
  ];
  return WAITS.test(wordsOf(clause));
}

/** Payments that begin after a time of waiting: those that are told behind it. */
function waitingStream(streams: readonly PaymentsFact[], mark: Mark): PaymentsFact | null {
  const [only] = streams;
  const isBehind = only?.marks.every(
    ({ index, phrase }) => index > mark.index || phrase?.kind === "lasting",
  );
  // "Payments begin after a grace period of six months."
  const isNamed = mark.plain.includes(" period of ") && WAITS.test(` ${mark.plain} `);
  const isPaid = only?.role !== "deposit" && only?.first === null && only.waits === null;
  return streams.length === 1 && only !== undefined && (isBehind === true || isNamed) && isPaid
    ? only
    : null;
}

/** "Interest-only for the first 5 years: what are the payments for the remaining 25?" */
function addRemaining(scope: Scope, streams: readonly PaymentsFact[]): void {
  const [only] = streams;
  const lasting = (as: string) =>
    scope.marks.find(({ phrase }) => phrase?.kind === "lasting" && phrase.as === as);
  const [rest, first, whole] = [lasting("last"), lasting("first"), lasting("whole")];
  const isOfInterest = INTEREST_ONLY.test(scope.words);
  if (
    streams.length !== 1 ||
    only === undefined ||
    rest?.phrase?.iso === undefined ||
    !isOfInterest
  )
    return;
  only.term = rest.phrase.iso;
  only.marks.push(
    rest,
    ...(first === undefined ? [] : [first]),
    ...(whole === undefined ? [] : [whole]),
  );
}

const INTEREST_ONLY =
  / (?:interest only|interest alone|(?:merely|just) the interest|merely interest|interest-only|only interest|only the interest|just the interest|nothing but (?:the )?interest|no more than the interest) /;

/** While only interest is paid, the loan stays as it is: the payments begin after it. */
function isOfInterestOnly(scope: Scope, mark: Mark): boolean {
  const stop = ({ word, phrase }: Mark) => /^[,;.:]$/.test(word) || phrase?.kind === "thereafter";
  const near = [
    ...[...until(scope.before(mark, 12), stop)].reverse(),
    ...until(scope.after(mark, 8), stop),
  ];
  return INTEREST_ONLY.test(wordsOf(near));
}

/** A whole time, a next one, or the first where other payments follow. */
function isTerm(streams: readonly PaymentsFact[], { phrase, index }: Mark): boolean {
  const [first, second] = streams.map(({ amountMark }) => amountMark?.index ?? index);
  const isFollowed = first !== undefined && first < index && (second ?? index) > index;
  return phrase?.as === "whole" || phrase?.as === "next" || (phrase?.as === "first" && isFollowed);
}

/** A time that is told of a rate: "4% for 3 years and 5% after that". */
function isOfRate(scope: Scope, mark: Mark): boolean {
  const before = until(
    scope.before(mark, 4),
    (other) => isMoney(other) || other.phrase?.kind === "timing",
  );
  return (
    before.some(
      ({ quantity, phrase }) => quantity?.is === "percent" || phrase?.kind === "compounding",
    ) && scope.after(mark, 8).some(({ quantity }) => quantity?.is === "percent")
  );
}

/** Stories take time too: only what stands in a sentence that speaks of the money counts. */
function streamFor(
  scope: Scope,
  streams: readonly PaymentsFact[],
  mark: Mark,
): PaymentsFact | null {
  const sentence = scope.sentence(mark);
  const isOfMoney = sentence.some(
    (other) =>
      other.quantity?.is === "money" ||
      other.quantity?.is === "percent" ||
      other.phrase?.kind === "timing" ||
      other.phrase?.kind === "every" ||
      PAYMENT_NOUN.test(other.word) ||
      /^(?:loan|mortgage|lease|let|repaid?|repay|term|borrows?|last|runs|fund|saving|saves?)$/.test(
        other.word,
      ),
  );
  return isOfMoney ? streamAt(streams, mark) : null;
}
