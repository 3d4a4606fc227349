import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import { wordsOf } from "../facts/scope";
import { periodsIn } from "../marks/span";
import type { FiguresOfText } from "./left-over";

/** Whether the words say something of the money that no line says. */
export function isUnsaid(read: FiguresOfText): boolean {
  const { facts } = read;
  return (
    EXCLUDES.test(facts.scope.words) ||
    isInterestTaken(facts) ||
    isRestUnread(read) ||
    isEitherTaken(read) ||
    isSpentUnread(read) ||
    read.parts.some(({ facts: own }) => own.streams.some(isCountedTwice))
  );
}

/** "For 6 years", and "four payments" of them: which of the two tells how many there are? */
function isCountedTwice({ count, term, every, first, waits, advance }: PaymentsFact): boolean {
  const told = term === null || every === null ? null : periodsIn(term, every);
  const isPlain = first === null && waits === null && advance === 0;
  return isPlain && typeof count === "number" && told !== null && Math.abs(told - count) > 1;
}

const VALUES: ReadonlySet<AskKind> = new Set<AskKind>(["present", "future", "start", "amount"]);

/** "£2,000 now or £2,500 in 4 years": what is chosen among is not to be had together. */
function isEitherTaken({ facts, parts, used }: FiguresOfText): boolean {
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
function isSpentUnread({ facts, parts, unused }: FiguresOfText): boolean {
  const isSpent = parts.some(({ facts: { ask } }) => SPENT.test(wordsOf(ask?.marks ?? [])));
  return (
    isSpent &&
    (unused.some(({ mark }) => mark.quantity?.is === "money") || facts.amounts.length === 1)
  );
}

const REST =
  / the (?:rest|remainder|balance) (?:is|was|will be|are|of it) (?:borrowed|financed|lent|paid|repaid|spread) | what (?:is left|remains) /;

/** "The rest is borrowed": of a price an amount before it is paid. */
function isRestUnread({ facts, parts, unused }: FiguresOfText): boolean {
  return (
    REST.test(facts.scope.words) &&
    unused.some(({ mark }) => mark.quantity?.is === "money") &&
    parts.every(
      ({ shape: { problem } }) => problem?.flows.every(({ id }) => id !== "down") === true,
    )
  );
}
