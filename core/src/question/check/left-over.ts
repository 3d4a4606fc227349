import type { Problem } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { momentOf } from "../facts/moment";
import { isOpen } from "../facts/rates";
import { wordsOf } from "../facts/scope";
import { timesSpan } from "../marks/span";
import type { Mark } from "../marks/mark";
import { isOfPayments } from "../shape/of-payments";
import type { PartRead } from "../parts/part";
import { isDoubtful, isSameTime, spanOf, type Unused } from "./account";

/** A text with the parts that it has been read as, and the figures that they leave out. */
export interface FiguresOfText {
  readonly facts: Facts;
  readonly parts: readonly PartRead[];
  readonly used: ReadonlySet<number>;
  readonly unused: readonly Unused[];
  /** Where the first part begins, by the index of its label. */
  readonly partsFrom: number;
}

/** Whether a figure is left out that rather belongs to the problem. */
export function isLeftOver(read: FiguresOfText): boolean {
  const { facts, parts, used, unused } = read;
  const lengths = parts.flatMap(({ shape }) => lengthsIn(shape.problem));
  return (
    unused.some((one) => !isOfOther(facts, one) && isDoubtful(facts.scope, one, used, lengths)) ||
    isRateLeft(read) ||
    isChangeLeft(read) ||
    isRankLeft(read) ||
    isTimeLeft(read) ||
    isTimedLeft(read) ||
    isLengthLeft(read)
  );
}

/** "€75,000 now or €11,000 a year …. What are the payments worth today?": the other amount is not asked about. */
function isOfOther(facts: Facts, { mark }: Unused): boolean {
  return mark.quantity?.is === "money" && isOfPayments(facts);
}

/** The lengths of time that are used, and those of the payments: what says one of them again is not left over. */
function spansIn({ facts, parts, used }: FiguresOfText): readonly string[] {
  const told = facts.scope.marks.filter(({ index }) => used.has(index));
  return [
    ...told.flatMap((mark) => spanOf(mark) ?? []),
    ...parts.flatMap(({ shape }) => lengthsIn(shape.problem)),
  ];
}

/** "What settles it in one year?": when something is asked for is not to be passed over either. */
function isTimeLeft(read: FiguresOfText): boolean {
  const { parts, unused, partsFrom } = read;
  const spans = spansIn(read);
  return unused.some(({ mark }) => {
    const { phrase } = mark;
    const isOne = phrase !== undefined && phrase.numbers.length < 2;
    const isWhen =
      phrase?.kind === "when" && (phrase.as === "at" || phrase.as === "end-of") && isOne;
    const isAsked =
      mark.index > partsFrom ||
      parts.some(({ facts: { ask } }) => ask?.marks.includes(mark) === true);
    const at = isWhen && isAsked ? momentOf(mark) : null;
    return at !== null && !spans.some((span) => isSameTime(span, at));
  });
}

const OF_PAYMENTS = / (?:deposits?|deposited|withdraws?|withdrawn) /;

/** "Then nothing is deposited for 5 years": how long payments go on, or stop. */
function isLengthLeft(read: FiguresOfText): boolean {
  const { scope } = read.facts;
  const spans = spansIn(read);
  return read.unused.some(({ mark }) => {
    const { phrase } = mark;
    const iso =
      phrase?.kind === "lasting" && /^(?:whole|next)$/.test(phrase.as ?? "")
        ? phrase.iso
        : undefined;
    return (
      iso !== undefined &&
      OF_PAYMENTS.test(wordsOf(scope.sentence(mark))) &&
      !spans.some((span) => isSameTime(span, iso))
    );
  });
}

/** "He gave me back £400 after one year": an amount that is paid at a later time is no part of the story. */
function isTimedLeft({ facts, unused }: FiguresOfText): boolean {
  return unused.some(({ mark }) =>
    facts.amounts.some(
      ({ mark: own, at, marks }) => own === mark && at !== null && at !== "P0D" && marks.length > 1,
    ),
  );
}

/** "The 20th payment": which one is asked for is not to be passed over. */
function isRankLeft({ facts, parts, unused }: FiguresOfText): boolean {
  return unused.some(
    ({ mark, why }) =>
      why !== "age" &&
      !isChoice(facts.scope.after(mark, 1)[0]) &&
      mark.quantity?.is === "number" &&
      mark.quantity.isOrdinal &&
      parts.some(
        ({ facts: { ask }, shape: { problem } }) =>
          ask?.marks.includes(mark) === true &&
          problem?.flows.some(({ kind }) => kind === "stream") === true,
      ),
  );
}

/** "In the second case." */
function isChoice(next: Mark | undefined): boolean {
  return /^(?:offer|case|plan|option|alternative|scheme|choice|way|method|variant)$/.test(
    next?.word ?? "",
  );
}

/** "… if it is 5% instead": what is changed is never a part of the story. */
function isChangeLeft({ facts: { scope }, unused }: FiguresOfText): boolean {
  return unused.some(({ mark }) => {
    const is = mark.quantity?.is;
    const words = is === "percent" || is === "money" ? wordsOf(scope.sentence(mark)) : "";
    return / instead (?!of )/.test(words);
  });
}

/** A rate with its quotation is no part of the story, wherever it stands. */
function isRateLeft({ facts, unused }: FiguresOfText): boolean {
  return unused.some(({ mark }) =>
    facts.percents.some(
      (fact) => fact.mark === mark && fact.use === "rate" && !isOpen(fact.quoting),
    ),
  );
}

/** How long the payments of a problem go on; "P0D" where that is not known. */
function lengthsIn(problem: Problem | null): readonly string[] {
  return (problem?.flows ?? []).flatMap((flow) =>
    flow.kind === "stream"
      ? [typeof flow.count === "number" ? timesSpan(flow.count, flow.every) : "P0D"]
      : [],
  );
}
