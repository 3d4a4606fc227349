import type { Ask } from "../asked/ask";
import type { AskKind } from "../asked/ask-kind";
import type { AmountFact } from "./amounts";
import type { PaymentsFact } from "./payments-fact";
import type { PercentFact } from "./rates";
import { isMoney, wordsOf, type Scope } from "./scope";

/** What stands beside a question, and tells what its words leave open. */
interface Context {
  readonly scope: Scope;
  readonly percents: readonly PercentFact[];
  readonly streams: readonly PaymentsFact[];
  readonly amounts: readonly AmountFact[];
}

/** "Express the return as a nominal rate": with amounts and no rate it is a rate that is to be found. */
export function askOfMoney(
  scope: Scope,
  percents: readonly PercentFact[],
  ask: Ask | null,
): Ask | null {
  const isRate =
    ask?.kind === "convert" &&
    scope.marks.filter(isMoney).length > 1 &&
    percents.every(({ use }) => use !== "rate");
  return isRate ? { ...ask, kind: "rate" } : ask;
}

/** What the same words ask for, beside these facts: each rule speaks of what the one before it has made of them. */
export function askInContext(ask: Ask | null, context: Context): Ask | null {
  if (ask === null) return null;
  return RULES.reduce((asked, rule) => {
    const kind = rule(asked, context);
    return kind === null ? asked : { ...asked, kind };
  }, ask);
}

type Rule = (ask: Ask, context: Context) => AskKind | null;

/** "What is the prize worth in cash?": without a word of later, it is what it is worth today. */
const isWorthNow: Rule = ({ kind, marks }, { streams }) => {
  // "At the end of each half-year" says nothing of later.
  const own = marks.filter(({ phrase }) => phrase?.kind !== "timing");
  const words = wordsOf(own).replace(/ money (?:is|was) worth /, " ");
  const isGot = streams.length > 0 && streams.every(({ role }) => role !== "deposit");
  const isWorth =
    words.includes(" worth ") &&
    !/ (?:be worth|(?:his|her|their|the|my) (?:\S+ )?(?:plan|account|savings|pot) (?:now )?worth|after|at the end|will|then|when|by|become|end of) /.test(
      words,
    );
  const isTimed = marks.some(
    ({ phrase }) =>
      phrase?.kind === "at-end-of-flows" || (phrase?.kind === "when" && phrase.as !== "now"),
  );
  return kind === "future" && isGot && isWorth && !isTimed ? "present" : null;
};

/** What goes on for ever is worth something today: "What is the share worth?" */
const isForever: Rule = ({ kind }, { streams }) =>
  kind === "future" && streams.some(({ count }) => count === "forever") ? "present" : null;

/** "… saves a fixed amount each quarter. Find the amount", "What does each come to?" */
const isOfOpenPayment: Rule = ({ kind, marks }, { streams }) => {
  const isOpen = streams.some((stream) => stream.isOpen && stream.amount === null);
  const isOfEach =
    / how (?:large|big|much) (?:is|are) (?:it|they|each|these) | what does each /.test(
      wordsOf(marks),
    );
  return isOpen && (kind === "amount" || isOfEach) ? "payment" : null;
};

/** "How much will be needed in 25 years to live as one does today on €21,000?" */
const isOfLater: Rule = ({ kind, marks }, { streams, percents, amounts: [amount, second] }) => {
  const isGrown = percents.length > 0 && percents.every(({ use }) => use === "growth");
  const isNow = isGrown || (amount?.marks.some(({ phrase }) => phrase?.as === "now") ?? false);
  const isLater = marks.some(({ phrase }) => phrase?.kind === "when" && phrase.as === "at");
  const isAlone = streams.length === 0 && second === undefined;
  const isValue = kind === "start" || kind === "present";
  return isAlone && isNow && isLater && isValue ? "future" : null;
};

/** "How many were sold four years on?" asks for what a number becomes. */
const isOfThings: Rule = ({ kind }, { streams, percents, amounts }) => {
  const isGrown =
    percents.length > 0 &&
    percents.every(({ use, percent }) => use === "growth" && percent !== null);
  const isAlone = streams.length === 0 && amounts.length === 1;
  return (kind === "count" || kind === "balance") && isAlone && isGrown ? "future" : null;
};

/** "How much must she have, to be able to draw …?": where nothing but what is drawn is told, it is there before. */
const isBeforeDrawing: Rule = ({ kind, marks }, { scope, streams, amounts }) => {
  const isDrawn =
    amounts.length === 0 &&
    streams.length > 0 &&
    streams.every(({ role }) => role === "withdrawal");
  // "… are to be paid for by one deposit today. Find the deposit."
  const isOne =
    / (?:one|single) (?:deposit|payment|sum|amount)(?: made| paid)? (?:today|now|at once) /.test(
      scope.words,
    );
  const isHad =
    / (?:must|needs?|should|has to|have to) (?:\S+ ){0,4}?(?:have|hold|be|need) | needs? /.test(
      wordsOf(marks),
    );
  const isBefore = (kind === "future" && isHad) || (kind === "payment" && isOne);
  return isBefore && isDrawn ? "start" : null;
};

/** "I get £900 for the future value of …. What should it be?" */
const isOfNamed: Rule = ({ kind }, { scope }) => {
  if (kind !== "amount") return null;
  if (/ the (?:future|accumulated) value of /.test(scope.words)) return "future";
  return scope.words.includes(" the present value of ") ? "present" : null;
};

/** "With prices rising 3% a year, what will a weekly shop that costs £70 today cost in 5 years?" */
const isPriceThen: Rule = ({ kind, marks }, { streams, percents, amounts: [price, second] }) => {
  const isOfPrices = percents.length > 0 && percents.every(({ use }) => use === "inflation");
  const isNow = price?.role === "price" && price.at === "P0D" && second === undefined;
  const isThen = / will (?:\S+ )+?(?:cost|be) /.test(wordsOf(marks));
  const isOne = streams.every(({ amount }) => amount === null);
  return kind === "payment" && isOfPrices && isNow && isThen && isOne ? "future" : null;
};

/** "How much does he have to save a year?" asks for what is paid so often. */
const isPaidSoOften: Rule = ({ kind, marks }, { streams: [stream, second] }) => {
  const isOpen = stream !== undefined && second === undefined && stream.amount === null;
  const verb =
    / (?:save|pay|put|set aside|deposit|draw|withdraw|invest|contribute|repay) (?:\S+ ){0,3}?(?:a|an|each|every|per) /;
  const isRhythm = marks.some(
    (mark) =>
      (mark.phrase?.kind === "every" && stream?.marks.includes(mark) === true) ||
      (mark.quantity?.is === "span" && mark.quantity.isArticle),
  );
  const isAmount = kind === "start" || kind === "amount" || kind === "future";
  return isOpen && isAmount && isRhythm && verb.test(wordsOf(marks)) ? "payment" : null;
};

/** "What single payment now replaces them?": of payments that are all told, one takes the place. */
const isOneForAll: Rule = ({ kind, marks }, { scope, streams, amounts }) => {
  const isTold =
    streams.length > 0 && amounts.length === 0 && streams.every(({ amount }) => amount !== null);
  const isOne =
    / (?:one|single|lump) (?:payment|sum|amount) /.test(wordsOf(marks)) ||
    / (?:one|single|lump) (?:payment|sum|amount) (?:now|today|at once) /.test(scope.words);
  const isLater = marks.some(
    ({ phrase }) =>
      phrase?.kind === "at-end-of-flows" || (phrase?.kind === "when" && phrase.as === "at"),
  );
  return kind === "payment" && isTold && isOne && !isLater ? "start" : null;
};

/** "… was opened with a single deposit. What was the deposit?" */
const isOneDeposit: Rule = ({ kind, marks }, { scope, streams }) => {
  const isOne = / (?:single|one) (?:deposit|payment|sum|investment) /.test(scope.words);
  const isPast = / what was the (?:deposit|payment|sum|investment) /.test(wordsOf(marks));
  return kind === "payment" && streams.length === 0 && isOne && isPast ? "start" : null;
};

const RULES: readonly Rule[] = [
  isOneDeposit,
  isPaidSoOften,
  isOneForAll,
  isPriceThen,
  isOfNamed,
  isWorthNow,
  isForever,
  isOfOpenPayment,
  isOfLater,
  isOfThings,
  isBeforeDrawing,
];
