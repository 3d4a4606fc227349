import type { Mark } from "../marks/mark";
import { addAdvance, addCounts, addPaid, addRanks } from "./counts";
import { addFirst, addFirstAmounts } from "./first-payments";
import type { PaymentsFact } from "./payments-fact";
import { everyOf, type PercentFact } from "./rates";
import { wordsOf, type Scope } from "./scope";
import { stepOf } from "./steps";
import { streamAt } from "./stream-at";
import { addLast, addTerms } from "./terms";

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
  addLast(scope, streams);
  addRanks(scope, streams);
  addPaid(scope, streams);
  addForever(scope, streams);
  addDay(scope, streams);
  addGrowth(scope, streams, percents);
}

/** "Every month, on the first day." */
function addDay(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const stream of streams.filter(({ timing }) => timing === null)) {
    const cue = stream.marks.find(({ phrase }) => phrase?.kind === "every");
    const behind = cue === undefined ? "" : wordsOf(scope.after(cue, 6));
    const day = /^ (?:, )?(?:always )?on the (first|last) day /.exec(behind)?.[1];
    if (day !== undefined) stream.timing = day === "first" ? "start" : "end";
  }
}

function addForever(scope: Scope, streams: readonly PaymentsFact[]): void {
  const mark = scope.marks.find(({ phrase }) => phrase?.kind === "forever");
  const stream = mark === undefined ? null : streamAt(streams, mark);
  if (mark === undefined || stream === null) return;
  stream.count = "forever";
  stream.term = null;
  stream.marks.push(mark);
}

/** "The price goes up 3% a year", in a sentence that speaks of no payments. */
function isOfPrice(scope: Scope, streams: readonly PaymentsFact[], mark: Mark): boolean {
  const words = wordsOf(scope.sentence(mark));
  return (
    / (?:prices?|costs?) (?:\S+ ){0,3}?(?:goes?|rises?|increases?|grows?|climbs?|falls?|is) /.test(
      words,
    ) && !streams.some(({ marks }) => marks.some(({ sentence }) => sentence === mark.sentence))
  );
}

function addGrowth(
  scope: Scope,
  streams: readonly PaymentsFact[],
  percents: readonly PercentFact[],
): void {
  for (const fact of percents) {
    if (fact.use !== "growth" || isOfPrice(scope, streams, fact.mark)) continue;
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
