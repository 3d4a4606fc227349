import type { Facts } from "../facts/facts";
import { PAYMENT_NOUN } from "../facts/rates";
import { isMoney, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import type { MissingCode } from "../shape/shape";

/** What a question says is there and does not tell: some money down, another account's rate, payments at no rhythm. */
export function gapsIn(facts: Facts): readonly MissingCode[] {
  return GAPS.flatMap(([code, isMissing]) => (isMissing(facts) ? [code] : []));
}

const GAPS: readonly (readonly [MissingCode, (facts: Facts) => boolean])[] = [
  ["difference", isDifference],
  ["payment", isCouponUntold],
  ["amount", isSplitUntold],
  ["down-payment", isDownUntold],
  ["rate", isOtherRate],
  ["growth", isGrowthUntold],
  ["frequency", (facts) => isRhythmUntold(facts) || isRhythmUnread(facts)],
];

const PARTS = /^(?:half|third|thirds|quarter|quarters|fifth|fifths|sixth|eighth|tenth)$/;

/** "A quarter of that": a share that nothing has taken up as one. */
export function isShareUnread({ scope }: Facts): boolean {
  return scope.marks.some((mark, at) => {
    const [of, second, third] = scope.marks.slice(at + 1, at + 4);
    const isPart =
      (mark.quantity === undefined && mark.phrase === undefined && PARTS.test(mark.word)) ||
      (mark.quantity?.is === "span" && mark.quantity.isArticle && mark.text.endsWith(" quarter"));
    // "Half of it every half-year" tells how it is paid.
    if (third?.phrase?.kind === "every") return false;
    // "Her partner's half of the shop".
    if (/['’]s$/.test(scope.marks[at - 1]?.text ?? "")) return false;
    return (
      isPart &&
      of?.word === "of" &&
      /^(?:that|it|this|these|which|the|an?)$/.test(second?.word ?? "")
    );
  });
}

/** "How much less than £10,000 would you pay?" asks for a difference, which no problem has. */
export function isDifference({ ask }: Facts): boolean {
  return / how much (?:less|more|cheaper|dearer|longer|better) (?:\S+ ){0,7}?than | how much (?:would|will|does|do|could|can) (?:\S+ ){1,5}?save (?:on|by) | (?:what is|find|calculate) the difference | the difference between | (?:what is|find|calculate) the discount (?!rate)| how (?:much|many) (?:more|less|fewer) (?:interest|payments) | how much (?:will|would|are|is|does) (?:\S+ ){1,3}?(?:short|lacking|missing) | by how much (?:is|are|does|do|will) (?:\S+ ){1,9}?(?:below|above|exceeds?|cheaper|dearer|less than|more than) /.test(
    wordsOf(ask?.marks ?? []),
  );
}

/** "A rent of £500 that rises every year", and no word on by how much. */
function isGrowthUntold({ streams, percents, scope, ask }: Facts): boolean {
  const isTold =
    streams.some(({ growth }) => growth !== null) ||
    percents.some(({ use }) => use === "growth" || use === "inflation");
  const isAsked = ask?.kind === "growth" || ask?.kind === "rate" || ask?.kind === "convert";
  const grows =
    / (?:payments?|rents?|deposits?|dividends?|salary|salaries|pension|withdrawals?|instal?lments?|income|wages)(?: \S+){0,4}? (?:rises?|rising|increases?|increasing|grows?|growing|goes up|falls?|falling|decreases?|decreasing) (?:each|every|annually|yearly|monthly|steadily) /.test(
      scope.words,
    );
  return streams.length > 0 && !isTold && !isAsked && grows;
}

const SEASONS =
  /^(?:birthday|christmas|easter|term|january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter|harvest|anniversary|season)$/;

/** "Every January 1st he puts …": a rhythm that no phrase of the grammar tells. */
function isRhythmUnread({ scope, streams }: Facts): boolean {
  const isRhythm = (mark: Mark) => {
    const isSeason = SEASONS.test(scope.after(mark, 1)[0]?.word ?? "");
    return mark.word === "every" || (mark.word === "each" && isSeason);
  };
  return (
    streams.length === 0 &&
    scope.marks.some(
      (mark) => mark.phrase === undefined && isRhythm(mark) && scope.sentence(mark).some(isMoney),
    )
  );
}

/** A bond that is redeemed pays coupons, unless it is said to pay none. */
function isCouponUntold({ scope, streams, percents }: Facts): boolean {
  const { words } = scope;
  const isBond =
    / (?:bond|debenture|gilt) /.test(words) && / (?:redeemed|redeemable|at par) /.test(words);
  const isTold =
    streams.length > 0 ||
    percents.some(({ use }) => use === "coupon") ||
    percents.length > 1 ||
    / (?:zero|coupons?|without) /.test(words);
  return isBond && !isTold;
}

/** "Partly invested at 5% and partly kept at home", and no word on how much. */
function isSplitUntold({ scope, amounts }: Facts): boolean {
  return / partly (?:\S+ )+?(?:and |but )?partly /.test(scope.words) && amounts.length < 2;
}

const SOME_DOWN =
  / (?:some|part)(?: of (?:it|the price|this))? (?:down|at once|now|up front) | (?:a|the|his|her) (?:down payment|deposit)(?: is paid)?,? and (?:pays |repays |finances |borrows )?the (?:rest|balance|remainder) /;
const REST = / the (?:rest|balance|remainder) /;
const AFTER_DEPOSIT =
  / (?:after|less|minus) (?:a|the|his|her|their) (?:deposit|down payment|initial payment) (?!of)/;

/** "She pays some of it down and the rest in 36 payments", "after a deposit": nobody says how much that is. */
function isDownUntold({ scope, amounts, percents }: Facts): boolean {
  const isSome = scope.sentences().some((sentence) => {
    const words = wordsOf(sentence);
    return SOME_DOWN.test(words) && REST.test(words) && !sentence.some(isMoney);
  });
  const isTold = amounts.length > 1 || percents.some(({ use }) => use === "share");
  return isSome || (AFTER_DEPOSIT.test(scope.words) && !isTold);
}

/** "4.9% in his first account and something better in another": the rate of that other is not told. */
function isOtherRate({ scope, percents }: Facts): boolean {
  const words = scope.words;
  const others =
    / (?:in|with|from|at) (?:the|that|this) other(?: account| bank| fund| lender| one)? | puts? (?:\S+ ){1,3}in the (?:second|other) /.test(
      words,
    );
  return (
    others && percents.length === 1 && / (?:first|one) (?:account|bank|fund|lender) /.test(words)
  );
}

const SEVERAL_PAYMENTS =
  /^(?:payments|instal?lments|repayments|deposits|withdrawals|contributions|premiums)$/;
const EQUAL_PAYMENTS =
  / (?:equal|level|regular|identical) (?:payments|instalments|installments|repayments|deposits|amounts|sums) /;
const IS_REPAID = / (?:repaid|repays|repay|paid off|pays off) (?:it )?(?:over|within|in) /;
const AT_ONCE = / (?:one|single|lump) (?:sum|payment|amount) /;
/** "Two equal payments, one in …", "two equal payments in 6 and 12 months". */
const AT_TIMES =
  / (?:one|the first) (?:at|in|after) | (?:equal|level|identical) (?:payments|instalments|sums|amounts)(?: ,)? (?:in|at|one|after) /;

/** "Makes payments of R650", and no word on how often. */
function isRhythmUntold({ scope, streams, amounts, ask }: Facts): boolean {
  const { words, marks } = scope;
  const isTimed =
    AT_TIMES.test(words) ||
    marks.some(({ phrase }) => phrase?.as === "end-of" && phrase.numbers.length > 1);
  if (streams.length > 0 || isTimed) return false;
  // "Uses £250 of it regularly."
  if (/ (?:regularly|at regular intervals|time and again) /.test(words)) return true;
  const isOfPayments = ask?.kind === "payment";
  const isSeveral = marks.some((mark, at) => {
    if (mark.phrase !== undefined || !SEVERAL_PAYMENTS.test(mark.word)) return false;
    const [before, next] = [marks[at - 1], marks[at + 1]];
    // "Repaid by 40 payments."
    const isOfNumber = isOfPayments && isCountOfSeveral(before);
    // "She deposits £500", "which he deposits", "without payments in or out".
    const isVerb =
      isMoney(next) || /^(?:no|without|any|he|she|it|who|they|i|we)$/.test(before?.word ?? "");
    const isPlural = !isVerb && amounts.filter(({ at: time }) => time !== null).length < 2;
    return next?.word === "of" || isOfNumber || isPlural;
  });
  const isCounted = ask?.kind === "count" && ask.marks.some(({ word }) => PAYMENT_NOUN.test(word));
  const isRepaid = isOfPayments && IS_REPAID.test(words) && !AT_ONCE.test(words);
  return isSeveral || isCounted || isRepaid || EQUAL_PAYMENTS.test(words);
}

function isCountOfSeveral(mark: Mark | undefined): boolean {
  const quantity = mark?.quantity;
  return quantity?.is === "number" && !quantity.isOrdinal && quantity.value > 1;
}
