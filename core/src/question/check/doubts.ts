import type { SolvedPart } from "../../engine/question/solve-question";
import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import { wordsOf } from "../facts/scope";
import type { PartRead } from "../parts/part";
import { agrees, HALF_A_CENT, isSensible } from "./agreement";
import { isShareUnread } from "./gaps";
import { isLeftOver, type FiguresOfText } from "./left-over";

/** The same with the answers of the parts. */
export interface AnswersOfText extends FiguresOfText {
  readonly solved: readonly SolvedPart[];
}

/** What tells that a text is read wrongly: figures that do not fit, or an answer that was not asked for. */
export function doubtIn(read: AnswersOfText): "left-over" | "other-answer" | null {
  const isLeft =
    EXCLUDES.test(read.facts.scope.words) ||
    isInterestTaken(read.facts) ||
    isRestUnread(read) ||
    isLeftOver(read) ||
    isShareUnread(read.facts) ||
    isEitherTaken(read) ||
    isSpentUnread(read);
  if (isLeft) return "left-over";
  return isAnswered(read) ? null : "other-answer";
}

/** Whether each part is of the kind that is asked for, with an answer that can be meant. */
function isAnswered({ facts, parts, solved }: AnswersOfText): boolean {
  return (
    parts.every(isAgreed) &&
    !isAskedTwice(parts) &&
    !isStopUnread(parts) &&
    !parts.some((part) => isNothing(part, parts, solved)) &&
    solved.every(({ solved: one }) => !one.ok || isSensible(one.value, facts.scope.words))
  );
}

/** Two parts that have the same lines: one of them asks for something else. */
function isAskedTwice(parts: readonly PartRead[]): boolean {
  const own = parts.flatMap(({ follow, linked, shape: { problem } }) =>
    follow === null && linked === undefined && problem !== null
      ? [JSON.stringify({ ...problem, also: [] })]
      : [],
  );
  return new Set(own).size < own.length;
}

const STOPS =
  / (?:saves?|deposits?|adds?|pays? in|puts? in) nothing | stops? (?:saving|paying|depositing) | no (?:more|further) (?:deposits|payments) (?:are|is) /;

/** "From then on she saves nothing": the payments of a part that says so are not those of a longer time. */
function isStopUnread(parts: readonly PartRead[]): boolean {
  const countIn = ({ shape: { problem } }: PartRead) =>
    problem?.flows.flatMap((flow) => (flow.kind === "stream" ? [flow.count] : []))[0];
  const [first] = parts;
  return parts.some(
    (part) =>
      first !== undefined &&
      part !== first &&
      part.follow === null &&
      part.linked === undefined &&
      STOPS.test(part.facts.scope.words) &&
      countIn(part) !== countIn(first),
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

const VALUES: ReadonlySet<AskKind> = new Set<AskKind>(["present", "future", "start", "amount"]);

/** "£2,000 now or £2,500 in 4 years": what is chosen among is not to be had together. */
function isEitherTaken({ facts, parts, used }: AnswersOfText): boolean {
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

/** What is told to be left out, no line says. */
const EXCLUDES = / (?:excluded|excluding|not included|not counted|not counting|leaving out) /;

/** "What sum brings £300 of interest?": what it earns is taken for what becomes of it. */
function isInterestTaken({ scope, ask, amounts }: Facts): boolean {
  const isNamed = / (?:what|which) (?:sum|amount|capital|principal) /.test(
    wordsOf(ask?.marks ?? []),
  );
  const isSum = isNamed || ask?.kind === "start" || ask?.kind === "present";
  return (
    isSum && amounts.some(({ mark }) => / (?:of|in) interest $/.test(wordsOf(scope.after(mark, 2))))
  );
}

const SPENT =
  / (?:left|remains?|over) (?:\S+ ){0,6}?(?:after|when|once) (?:\S+ ){1,4}?(?:paid|bought|spent) | for both | for all (?:two|three|four|five|of them) /;

/** "How much is left after they have paid for it?", "to pay for both": what the question still takes into account. */
function isSpentUnread({ facts, parts, unused }: AnswersOfText): boolean {
  const isSpent = parts.some(({ facts: { ask } }) => SPENT.test(wordsOf(ask?.marks ?? [])));
  return (
    isSpent &&
    (unused.some(({ mark }) => mark.quantity?.is === "money") || facts.amounts.length === 1)
  );
}

const REST =
  / the (?:rest|remainder|balance) (?:is|was|will be|are|of it) (?:borrowed|financed|lent|paid|repaid|spread) | what (?:is left|remains) /;

/** "The rest is borrowed": of a price an amount before it is paid. */
function isRestUnread({ facts, parts, unused }: AnswersOfText): boolean {
  return (
    REST.test(facts.scope.words) &&
    unused.some(({ mark }) => mark.quantity?.is === "money") &&
    parts.every(
      ({ shape: { problem } }) => problem?.flows.every(({ id }) => id !== "down") === true,
    )
  );
}

const SUMS: ReadonlySet<AskKind> = new Set<AskKind>(["total", "interest", "principal"]);

const ONE_OF_SEVERAL = /^(?:each|every|payment|instal?lment|deposit|withdrawal|repayment|rent)$/;

function isAgreed({ facts: { ask, streams }, shape: { problem }, follow }: PartRead): boolean {
  if (follow !== null || problem === null) return true;
  // A total, interest or principal is never the unknown of a problem.
  if (ask !== null && SUMS.has(ask.kind)) return false;
  const asked = ask?.marks ?? [];
  const rhythms = asked.filter(
    ({ phrase }) => phrase?.kind === "every" || phrase?.kind === "timing",
  );
  return agrees(ask?.kind ?? "amount", problem, {
    isOfEach: rhythms.length > 0 || asked.some(({ word }) => ONE_OF_SEVERAL.test(word)),
    isRhythmAsked: rhythms.some((mark) => streams.some(({ marks }) => marks.includes(mark))),
    isLaterAsked: asked.some(({ phrase }) => phrase?.kind === "when" && phrase.as === "at"),
  });
}
