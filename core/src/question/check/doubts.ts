import type { Problem } from "../../engine/problem/schema";
import type { SolvedPart } from "../../engine/question/solve-question";
import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import { wordsOf } from "../facts/scope";
import { momentOf } from "../facts/moment";
import { isOpen } from "../facts/rates";
import { timesSpan } from "../marks/span";
import type { PartRead } from "../parts/part";
import { isDoubtful, isSameTime, spanOf, type Unused } from "./account";
import { agrees, HALF_A_CENT, isSensible } from "./agreement";
import { isShareUnread } from "./gaps";

/** A text with the parts that it has been read as, and what they leave out. */
export interface PartsOfText {
  readonly facts: Facts;
  readonly parts: readonly PartRead[];
  readonly solved: readonly SolvedPart[];
  readonly used: ReadonlySet<number>;
  readonly unused: readonly Unused[];
  /** Where the first part begins, by the index of its label. */
  readonly partsFrom: number;
}

/** What tells that a text is read wrongly: figures that do not fit, or an answer that was not asked for. */
export function doubtIn(read: PartsOfText): "left-over" | "other-answer" | null {
  if (isLeftOver(read) || isShareUnread(read.facts) || isEitherTaken(read)) return "left-over";
  return isAnswered(read) ? null : "other-answer";
}

/** Whether a figure is left out that rather belongs to the problem. */
export function isLeftOver(read: PartsOfText): boolean {
  const { facts, parts, used, unused } = read;
  const lengths = parts.flatMap(({ shape }) => lengthsIn(shape.problem));
  return (
    unused.some((one) => isDoubtful(facts.scope, one, used, lengths)) ||
    isRateLeft(read) ||
    isChangeLeft(read) ||
    isRankLeft(read) ||
    isTimeLeft(read) ||
    isTimedLeft(read)
  );
}

/** Whether each part is of the kind that is asked for, with an answer that can be meant. */
function isAnswered({ facts, parts, solved }: PartsOfText): boolean {
  return (
    parts.every(isAgreed) &&
    !parts.some((part) => isNothing(part, parts, solved)) &&
    solved.every(({ solved: one }) => !one.ok || isSensible(one.value, facts.scope.words))
  );
}

/** "How much is owed after 7 years?": nobody asks for what is not there any more. */
function isNothing(
  { follow }: PartRead,
  parts: readonly PartRead[],
  solved: readonly SolvedPart[],
) {
  if (follow === null) return false;
  const label = parts[follow.of]?.label ?? "a";
  const source = solved.find((one) => one.label === label)?.solved;
  const value = source?.ok === true ? source.value.also[follow.index] : undefined;
  return typeof value === "number" && Math.abs(value) < HALF_A_CENT;
}

/** "What settles it in one year?": when something is asked for is not to be passed over either. */
function isTimeLeft({ facts, parts, used, unused, partsFrom }: PartsOfText): boolean {
  const told = facts.scope.marks
    .filter(({ index }) => used.has(index))
    .flatMap((mark) => spanOf(mark) ?? []);
  const spans = [...told, ...parts.flatMap(({ shape }) => lengthsIn(shape.problem))];
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

/** "He gave me back £400 after one year": an amount that is paid at a later time is no part of the story. */
function isTimedLeft({ facts, unused }: PartsOfText): boolean {
  return unused.some(({ mark }) =>
    facts.amounts.some(
      ({ mark: own, at, marks }) => own === mark && at !== null && at !== "P0D" && marks.length > 1,
    ),
  );
}

/** "The 20th payment": which one is asked for is not to be passed over. */
function isRankLeft({ parts, unused }: PartsOfText): boolean {
  return unused.some(
    ({ mark, why }) =>
      why !== "age" &&
      mark.quantity?.is === "number" &&
      mark.quantity.isOrdinal &&
      parts.some(
        ({ facts: { ask }, shape: { problem } }) =>
          ask?.marks.includes(mark) === true &&
          problem?.flows.some(({ kind }) => kind === "stream") === true,
      ),
  );
}

const VALUES: ReadonlySet<AskKind> = new Set<AskKind>(["present", "future", "start", "amount"]);

/** "£2,000 now or £2,500 in 4 years": what is chosen among is not to be had together. */
function isEitherTaken({ facts, parts, used }: PartsOfText): boolean {
  const isOfBoth = parts.some(({ facts: { ask } }) => ask !== null && VALUES.has(ask.kind));
  return (
    isOfBoth &&
    facts.scope.sentences().some((sentence) => {
      const either = sentence.filter(
        (mark) => mark.quantity?.is === "money" && used.has(mark.index),
      );
      const [first, second] = either;
      if (first === undefined || second === undefined) return false;
      const between = sentence.slice(sentence.indexOf(first) + 1, sentence.indexOf(second));
      const isChoice = / (?:choice|choose|chooses|choosing) (?:between )?/.test(wordsOf(sentence));
      return (
        (isChoice && between.some(({ word }) => word === "and")) ||
        between.some(({ word }) => word === "or")
      );
    })
  );
}

/** "… if it is 5% instead": what is changed is never a part of the story. */
function isChangeLeft({ facts: { scope }, unused }: PartsOfText): boolean {
  return unused.some(({ mark }) => {
    const is = mark.quantity?.is;
    const words = is === "percent" || is === "money" ? wordsOf(scope.sentence(mark)) : "";
    return / instead (?!of )/.test(words);
  });
}

/** A rate with its quotation is no part of the story, wherever it stands. */
function isRateLeft({ facts, unused }: PartsOfText): boolean {
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

const SUMS: ReadonlySet<AskKind> = new Set<AskKind>(["total", "interest", "principal"]);

const ONE_OF_SEVERAL = /^(?:each|every|payment|instal?lment|deposit|withdrawal|repayment|rent)$/;

function isAgreed({ facts: { ask }, shape: { problem }, follow }: PartRead): boolean {
  if (follow !== null || problem === null) return true;
  // A total, interest or principal is never the unknown of a problem.
  if (ask !== null && SUMS.has(ask.kind)) return false;
  const asked = ask?.marks ?? [];
  return agrees(ask?.kind ?? "amount", problem, {
    isOfEach: asked.some(
      ({ word, phrase }) =>
        phrase?.kind === "every" || phrase?.kind === "timing" || ONE_OF_SEVERAL.test(word),
    ),
    isLaterAsked: asked.some(({ phrase }) => phrase?.kind === "when" && phrase.as === "at"),
  });
}
