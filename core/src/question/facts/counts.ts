import type { Mark } from "../marks/mark";
import type { PaymentsFact } from "./payments-fact";
import { PAYMENT_NOUN } from "./rates";
import { isMoney, until, wordsOf, type Scope } from "./scope";
import { streamAt } from "./stream-at";

/** "Three monthly rents are paid at signing, and the other 33 follow." */
export function addAdvance(scope: Scope, streams: readonly PaymentsFact[]): void {
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

/** "36 equal monthly payments", "24 month-end payments of $69.90", "20 payments altogether". */
export function addCounts(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    const { quantity } = mark;
    if (quantity?.is !== "number" || quantity.isOrdinal || quantity.value < 2) continue;
    if (!isCount(scope, mark) || isAfter(scope, mark)) continue;
    const stream = countedBy(scope, streams, mark) ?? streamAt(streams, mark);
    if (stream?.count !== null) continue;
    // "each of the nine rents after it": the first is told by itself.
    stream.count = quantity.value + (isAfterFirst(scope, mark) ? 1 : 0);
    stream.marks.push(mark);
  }
}

/** "… with the 24th payment": so many, where no term says how long they go on. */
export function addRanks(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    if (mark.phrase?.kind !== "at-end-of-flows" || mark.phrase.numbers.length === 0) continue;
    const stream = streamAt(streams, mark);
    stream?.marks.push(mark);
    if (stream?.term === null) stream.count ??= mark.phrase.numbers[0] ?? null;
  }
}

/** "What is owed after 24 payments of £350": of payments that are told in full, so many have been made. */
export function addPaid(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks.filter((one) => isAfter(scope, one) && isCount(scope, one))) {
    const stream = streamAt(streams, mark);
    const isOpen = stream?.count === null && stream.term === null && stream.amount !== null;
    if (mark.quantity?.is !== "number" || stream === null || !isOpen) continue;
    stream.count = mark.quantity.value;
    stream.marks.push(mark);
  }
}

export function isPlainCount({ quantity }: Mark): boolean {
  return (
    quantity?.is === "number" &&
    !quantity.isOrdinal &&
    Number.isInteger(quantity.value) &&
    quantity.value >= 1
  );
}

/** "After 30 payments" tells a time. */
function isAfter(scope: Scope, mark: Mark): boolean {
  return scope.before(mark, 1)[0]?.word === "after";
}

/** "15 annual withdrawals": the stream whose rhythm stands between the count and its noun. */
function countedBy(
  scope: Scope,
  streams: readonly PaymentsFact[],
  mark: Mark,
): PaymentsFact | null {
  const behind = until(scope.after(mark, 4), ({ word }) => PAYMENT_NOUN.test(word));
  return streams.find(({ marks }) => behind.some((other) => marks.includes(other))) ?? null;
}

function isAfterFirst(scope: Scope, mark: Mark): boolean {
  return scope
    .after(mark, 4)
    .some(({ word }, at, all) => word === "after" && all[at + 1]?.word === "it");
}

/** Whether payments are counted by a figure: a noun for them stands near behind it, with what they are like between. */
export function isCount(scope: Scope, mark: Mark): boolean {
  const behind = scope.after(mark, 6);
  // "There are eight of them", "ten in all".
  const words = behind.slice(0, 2).map(({ word }) => word);
  const isOfThem =
    words.join(" ") === "of them" &&
    /^(?:is|are|be|were)$/.test(scope.before(mark, 1)[0]?.word ?? "");
  const isTotal = / (?:in all|in total|altogether) /.test(wordsOf(behind.slice(0, 3)));
  // "Ten times, at intervals of half a year".
  const isTimes = words[0] === "times" && /^[,;.?]$/.test(words[1] ?? "");
  // "12 x €119".
  const isTimesMoney = /^[x×]$/.test(words[0] ?? "") && isMoney(behind[1]);
  // "Twelve payments of £180 …, then twelve of £240".
  const isOfMoney = words[0] === "of" && isMoney(behind[1]);
  if (isOfThem || isTotal || isTimes || isTimesMoney || isOfMoney) return true;
  const noun = behind.findIndex(
    // "42 payments at the end of the month": the noun may begin what tells when.
    ({ word, phrase }) =>
      PAYMENT_NOUN.test(word) && (phrase === undefined || phrase.kind === "timing"),
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
