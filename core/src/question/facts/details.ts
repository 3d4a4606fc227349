import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import type { PaymentsFact } from "./payments";
import { everyOf, PAYMENT_NOUN, type PercentFact } from "./rates";
import { isMoney, until, type Scope } from "./scope";
import { stepOf } from "./steps";

/** Gives each stream how many payments it has, for how long, when the first is made and how they grow. */
export function addDetails(
  scope: Scope,
  streams: readonly PaymentsFact[],
  percents: readonly PercentFact[],
): void {
  if (streams.length === 0) return;
  addAdvance(scope, streams);
  addCounts(scope, streams);
  addFirst(scope, streams);
  addFirstAmounts(scope, streams);
  addTerms(scope, streams);
  addForever(scope, streams);
  addGrowth(scope, streams, percents);
}

/** The stream that a mark speaks of: the last one begun before it in its sentence, else in the text, else the next. */
export function streamAt(streams: readonly PaymentsFact[], mark: Mark): PaymentsFact | null {
  const begun = (stream: PaymentsFact) => Math.min(...stream.marks.map(({ index }) => index));
  const before = streams.filter((stream) => begun(stream) < mark.index);
  const sameSentence = streams.filter((stream) =>
    stream.marks.some(({ sentence }) => sentence === mark.sentence),
  );
  const [only] = sameSentence;
  if (sameSentence.length === 1 && only !== undefined) return only;
  const inSentence = before.filter((stream) => sameSentence.includes(stream));
  return inSentence.at(-1) ?? before.at(-1) ?? streams[0] ?? null;
}

/** "Three monthly rents are paid at signing, and the other 33 follow." */
function addAdvance(scope: Scope, streams: readonly PaymentsFact[]): void {
  const rest = scope.marks.find(
    (mark) =>
      isPlainCount(mark) && /^(?:other|remaining)$/.test(scope.before(mark, 1)[0]?.word ?? ""),
  );
  if (rest?.quantity?.is !== "number") return;
  const stream = streamAt(streams, rest);
  const first = scope.marks.find(
    (mark) => mark.index < rest.index && isPlainCount(mark) && isCount(scope, mark),
  );
  const now = scope.marks.find(
    ({ phrase, index }) =>
      phrase?.as === "now" && index < rest.index && index > (first?.index ?? rest.index),
  );
  if (stream === null || first?.quantity?.is !== "number" || now === undefined) return;
  stream.advance = first.quantity.value;
  stream.count = rest.quantity.value;
  stream.marks.push(first, rest, now);
}

function isPlainCount({ quantity }: Mark): boolean {
  return (
    quantity?.is === "number" &&
    !quantity.isOrdinal &&
    Number.isInteger(quantity.value) &&
    quantity.value >= 1
  );
}

/** "36 equal monthly payments", "24 month-end payments of $69.90", "20 payments altogether". */
function addCounts(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    const { quantity } = mark;
    if (quantity?.is !== "number" || quantity.isOrdinal || quantity.value < 2) continue;
    if (!isCount(scope, mark) || scope.before(mark, 1)[0]?.word === "after") continue;
    const stream = streamAt(streams, mark);
    if (stream?.count !== null) continue;
    // "each of the nine rents after it": the first is told by itself.
    stream.count = quantity.value + (isAfterFirst(scope, mark) ? 1 : 0);
    stream.marks.push(mark);
  }
  for (const mark of scope.marks) {
    if (mark.phrase?.kind !== "at-end-of-flows" || mark.phrase.numbers.length === 0) continue;
    const stream = streamAt(streams, mark);
    stream?.marks.push(mark);
    if (stream !== null) stream.count ??= mark.phrase.numbers[0] ?? null;
  }
}

function isAfterFirst(scope: Scope, mark: Mark): boolean {
  return scope
    .after(mark, 4)
    .some(({ word }, at, all) => word === "after" && all[at + 1]?.word === "it");
}

/** Whether payments are counted by a figure: a noun for them stands near behind it, with what they are like between. */
export function isCount(scope: Scope, mark: Mark): boolean {
  const behind = scope.after(mark, 6);
  const noun = behind.findIndex(
    ({ word, phrase }) => PAYMENT_NOUN.test(word) && phrase === undefined,
  );
  if (noun === -1) return false;
  const between = behind.slice(0, noun);
  return between.every(
    ({ word, phrase, quantity }) =>
      quantity === undefined &&
      (phrase?.kind === "every" ||
        phrase?.kind === "timing" ||
        /^(?:equal|level|successive|consecutive|regular|such|further|more|of|these|those|the|same|annual|lease|fixed|identical|,|full|end|year|month|uniform|remaining|other)$/.test(
          word,
        )),
  );
}

const LATER =
  /^(?:,|of|amounts|payments|sums|them|these|those|which|one|is|are|was|being|to|be|made|paid|due|falls|falling|payable|follows|comes|on|will|at|exactly|payment|in|with|and|\(|it|deposited|received|starting|that|instal(?:l)?ment|deposit|withdrawal|rent)$/;

/** "the first of them ten months after …", "starting a week from now", "first payment today". */
function addFirst(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    const { phrase } = mark;
    const isOwn = phrase?.kind === "when" && phrase.as === "first-at";
    const isOpening = phrase?.kind === "first-of" || phrase?.kind === "starting";
    if (!isOwn && !isOpening) continue;
    const when = isOwn ? mark : whenBehind(scope, mark);
    const first = when === null ? null : momentOf(when);
    const stream = streamAt(streams, mark);
    if (when === null || first === null || stream?.first !== null) continue;
    stream.first = first;
    stream.marks.push(mark, ...(when === mark ? [] : [when]));
  }
  for (const mark of scope.marks) {
    const { phrase } = mark;
    if (phrase?.kind !== "lasting" || phrase.as !== "years" || phrase.numbers.length < 2) continue;
    const isOfPercent = until(scope.before(mark, 4), isMoney).some(
      ({ quantity }) => quantity?.is === "percent",
    );
    const stream = streamAt(streams, mark);
    if (isOfPercent || stream === null) continue;
    const [from = 1, to = 1] = phrase.numbers;
    const unit = phrase.iso ?? "P1Y";
    stream.term ??= timesSpan(to - from + 1, unit);
    stream.first ??= timesSpan(from, unit);
    stream.marks.push(mark);
  }
}

/** "The first is $1,000": the amount of payments that are told by their first. */
function addFirstAmounts(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    if (mark.phrase?.kind !== "first-of") continue;
    const behind = scope.after(mark, 4);
    const at = behind.findIndex(isMoney);
    const money = behind[at];
    const isPlain = behind
      .slice(0, Math.max(at, 0))
      .every(({ word }) => /^(?:is|of|,|was|being|for|will|be|equals?|amounts|to)$/.test(word));
    const stream = streamAt(streams, mark);
    if (money?.quantity?.is !== "money" || !isPlain || stream?.amount !== null) continue;
    stream.amount = money.quantity.value;
    stream.amountMark = money;
    stream.marks.push(money);
  }
}

function whenBehind(scope: Scope, mark: Mark): Mark | null {
  const behind = scope.after(mark, mark.phrase?.kind === "starting" ? 3 : 8);
  for (const other of behind) {
    if (other.phrase?.kind === "when" && other.phrase.as !== "ago") return other;
    if (isMoney(other)) continue;
    if (other.phrase !== undefined && other.phrase.kind !== "starting") return null;
    // "the first award one year from now": whatever it is called.
    if (!LATER.test(other.word) && other !== behind[0]) return null;
  }
  return null;
}

/** When a phrase means, from today; the end of a first period is one period from now. */
export function momentOf({ phrase }: Mark): string | null {
  if (phrase?.kind !== "when" || phrase.as === "elapsed") return null;
  if (phrase.as === "now") return "P0D";
  if (phrase.as === "end-of") return timesSpan(phrase.numbers[0] ?? 1, phrase.iso ?? "P1Y");
  if (phrase.as === "first-at") return phrase.iso ?? "P0D";
  return phrase.iso ?? null;
}

function addTerms(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    const { phrase } = mark;
    if (phrase?.kind !== "lasting" || (phrase.as !== "whole" && phrase.as !== "next")) continue;
    if (phrase.iso === undefined || isOfRate(scope, mark)) continue;
    const later =
      phrase.as === "next"
        ? streams.find((one) => one.marks.every(({ index }) => index > mark.index))
        : undefined;
    const stream = later ?? streamFor(scope, streams, mark);
    if (stream?.term !== null || stream.count === "forever") continue;
    stream.term = phrase.iso;
    stream.isNext ||= phrase.as === "next";
    stream.marks.push(mark);
  }
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

function addForever(scope: Scope, streams: readonly PaymentsFact[]): void {
  const mark = scope.marks.find(({ phrase }) => phrase?.kind === "forever");
  const stream = mark === undefined ? null : streamAt(streams, mark);
  if (mark === undefined || stream === null) return;
  stream.count = "forever";
  stream.term = null;
  stream.marks.push(mark);
}

function addGrowth(
  scope: Scope,
  streams: readonly PaymentsFact[],
  percents: readonly PercentFact[],
): void {
  for (const fact of percents) {
    if (fact.use !== "growth") continue;
    const stream = streamAt(streams, fact.mark);
    if (stream?.growth !== null) continue;
    stream.growth = { percent: fact.percent };
    const cue = fact.marks.find(
      ({ phrase }) => phrase?.kind === "every" || phrase?.kind === "timing",
    );
    stream.growthEvery = cue === undefined ? null : everyOf(cue);
    stream.marks.push(...fact.marks);
  }
  for (const mark of scope.marks) {
    if (mark.quantity?.is !== "money" || streams.some(({ amountMark }) => amountMark === mark))
      continue;
    const step = stepOf(scope, mark);
    const stream = step === null ? null : streamAt(streams, mark);
    if (step === null || stream?.growth !== null) continue;
    stream.growth = { amount: step };
    stream.marks.push(mark);
    // "rising by £2 each year": how often, right behind the step.
    const [cue] = scope.after(mark, 1);
    if (cue?.phrase?.kind !== "every") continue;
    stream.growthEvery = everyOf(cue);
    stream.marks.push(cue);
  }
}
