import type { Mark } from "../marks/mark";
import { PAYMENT_NOUN } from "./rates";
import { roleWordsIn } from "./roles";
import { isMoney, isPercent, until, type Scope } from "./scope";
import { stepOf } from "./steps";

/** Words that say that all payments are alike. */
export const LEVEL = /^(?:equal|same|level|uniform|constant|identical|fixed|regular)$/;

const PAYMENTS =
  /^(?:payments|deposits|instal(?:l)?ments|repayments|withdrawals|contributions|rents)$/;
/** "3,000 down and the rest over four years, monthly": the amount before is no payment of the row. */
const SETTLES = /^(?:down|upfront|rest|remainder|difference)$/;
/** "With a final payment of £65": one of another kind. */
const SINGLE = /^(?:final|last|closing|balloon|residual|extra|single|initial|down)$/;
/** Words that go on to something else. */
const STOPS = /^(?:;|order|able|so|then|when|until|which|after|while|but|instead)$/;
/** What stands right before the amount of payments that are named before it: "instalments of", "each is". */
const LEADS =
  /^(?:of|is|are|was|were|at|pays?|saves?|deposits?|receives?|takes?|puts?|:|,|be|for|draws?|withdraws?|sends|adds?|lays|invests?|contributes?|gives?|spends?|just|only|exactly|about|get|gets)$/;

/** Further away an amount is of something else. */
const FARTHEST = 12;

/** "After the 40th quarterly deposit", "with the last month-end instalment". */
function isRankedCue(phrase: Mark["phrase"]): boolean {
  return phrase?.kind === "at-end-of-flows" && phrase.iso !== undefined;
}

/** Whether a mark says how often something is paid. */
export function isCue({ phrase }: Mark): boolean {
  return (
    phrase?.kind === "every" ||
    phrase?.kind === "timing" ||
    isRankedCue(phrase) ||
    (phrase?.kind === "compounding" && phrase.as === "payable")
  );
}

/** The amount that is paid so often: the nearest before, or behind "of"; none between equal payments of no amount. */
export function amountOf(scope: Scope, cue: Mark, taken: ReadonlySet<Mark>): Mark | null {
  const before = scope.before(cue, FARTHEST + 2);
  const distance = before.findIndex((mark) => isPaid(scope, mark));
  const behind = amountBehind(scope, cue, taken);
  if (isRankedCue(cue.phrase)) return behind;
  const isAdverb = cue.phrase?.as === "adverb";
  if (isAdverb && behind !== null && distance > 1) return behind;
  const isOfNoun = isAdverb && PAYMENT_NOUN.test(scope.after(cue, 1)[0]?.word ?? "");
  if (isOfNoun && distance > 0) return behind;
  return amountBefore(scope, before, distance) ?? behind;
}

/** An amount that is paid, and no step by which payments grow. */
function isPaid(scope: Scope, mark: Mark): boolean {
  return isMoney(mark) && stepOf(scope, mark) === null;
}

/** The nearest amount before, with nothing between the two that is of something else. */
function amountBefore(scope: Scope, before: readonly Mark[], distance: number): Mark | null {
  const found = distance > FARTHEST ? undefined : before[distance];
  if (found === undefined) return null;
  const between = before.slice(0, distance);
  // "A mortgage of £90,000 for 20 years with month-end payments" tells of another amount.
  const isWith =
    between.at(0)?.word === "with" &&
    roleWordsIn([...scope.before(found, 3)].reverse()).some(({ role }) => role === "loan");
  const isCut =
    isWith ||
    between.some(
      (mark) =>
        LEVEL.test(mark.word) ||
        SETTLES.test(mark.word) ||
        mark.word === ";" ||
        isPercent(mark) ||
        mark.phrase?.kind === "at-end-of-flows" ||
        (mark.phrase?.kind === "when" && mark.phrase.as === "end-of") ||
        (mark.phrase?.kind === "when" && mark.phrase.as === "now"),
    );
  // "A €240,000 mortgage … with payments at the end of each month": the noun stands between, and is no part of the amount.
  const hasNoun = between.some(
    ({ word, phrase }, at) =>
      phrase === undefined && PAYMENTS.test(word) && at < between.length - 1,
  );
  if (isOfPayments(scope, found) && !hasNoun) return found;
  return isCut || hasNoun || isPrincipal(scope, found, distance) ? null : found;
}

/** "Deposits of £1,000": the amount of several, whatever stands before how often. */
function isOfPayments(scope: Scope, money: Mark): boolean {
  const [of, noun, kind] = scope.before(money, 3);
  return of?.word === "of" && PAYMENTS.test(noun?.word ?? "") && !SINGLE.test(kind?.word ?? "");
}

/** The amount behind, where words say that it is that of the payments. */
function amountBehind(scope: Scope, cue: Mark, taken: ReadonlySet<Mark>): Mark | null {
  const behind = until(
    scope.after(cue, FARTHEST),
    (mark) => STOPS.test(mark.word) || (isCue(mark) && !taken.has(mark)),
  );
  const at = placeBehind(scope, behind);
  // "At the start of each of the next 24 months €150 is needed."
  if (at === 0 && cue.phrase?.kind === "timing") return behind[0] ?? null;
  if (at < 1) return null;
  const lead = behind[at - 1]?.word ?? "";
  const isOfOther =
    lead === "of" &&
    at > 1 &&
    // "Every ten years at a cost of £900".
    !(behind[at - 2]?.word === "cost" && behind[at - 3]?.word === "a") &&
    ((behind[at - 2]?.word !== ")" && !PAYMENT_NOUN.test(behind[at - 2]?.word ?? "")) ||
      SINGLE.test(behind[at - 3]?.word ?? ""));
  const isNoun = at === 1 && cue.phrase?.as === "adverb" && PAYMENT_NOUN.test(lead);
  // "Each month he has had £90 taken from his wages."
  const isHad = lead === "had" && /^(?:has|have)$/.test(behind[at - 2]?.word ?? "");
  // "Every Friday she bought a £10 savings stamp."
  const isBought =
    lead === "a" && /^(?:buys?|bought|puts?|saves?|pays?)$/.test(behind[at - 2]?.word ?? "");
  // "Every two years it must be painted, which costs £900."
  const isCost =
    /^costs?$/.test(lead) && behind[at - 2]?.word === "which" && behind[at - 3]?.word === ",";
  // "How large must 15 yearly deposits be for £9,000 to be there?"
  const isAim = lead === "for" && behind[at + 1]?.word === "to";
  const isLed = !isAim && (LEADS.test(lead) || isNoun || isHad || isBought || isCost) && !isOfOther;
  return isLed || isOnlyOfSentence(scope, cue, behind[at]) ? (behind[at] ?? null) : null;
}

/** "Every six months, from now on, a windmill brings its owner £900": a sentence that begins with how often. */
function isOnlyOfSentence(scope: Scope, cue: Mark, money: Mark | undefined): boolean {
  const sentence = scope.sentence(cue);
  return (
    money !== undefined &&
    sentence[0] === cue &&
    sentence.filter(isMoney).length === 1 &&
    !sentence.some(isPercent) &&
    !isPrincipal(scope, money, FARTHEST)
  );
}

/** The first; or the one that is said to be it: "the quarterly payment on a £900 debt is £50". */
function placeBehind(scope: Scope, behind: readonly Mark[]): number {
  const said = behind.findIndex(
    (mark, at) =>
      isPaid(scope, mark) && at > 0 && /^(?:is|are|was|were)$/.test(behind[at - 1]?.word ?? ""),
  );
  const first = behind.findIndex((mark) => isPaid(scope, mark));
  const isOnOther = first > 0 && /^(?:a|an|the|his|her)$/.test(behind[first - 1]?.word ?? "");
  return said !== -1 && isOnOther ? said : first;
}

/** An amount that words right before it call a loan or a price, with the frequency further on. */
function isPrincipal(scope: Scope, money: Mark, distance: number): boolean {
  const [noun, second] = scope.after(money, 2);
  // "A loan of £4,000 is repaid by month-end payments".
  const isRepaid =
    /^(?:is|was|are|being)$/.test(noun?.word ?? "") &&
    /^(?:repaid|cleared|amorti[sz]ed|discharged|redeemed|settled)$/.test(second?.word ?? "");
  if (distance <= 2 && !isRepaid) return false;
  const isNamed = /^(?:loan|mortgage|debt|overdraft|bond)$/.test(noun?.word ?? "");
  if (isNamed && !PAYMENT_NOUN.test(second?.word ?? "")) return true;
  const before = until(
    scope.before(money, 4),
    ({ word, phrase }) => phrase !== undefined || /^(?:,|if|and|so|that|;|\(|\))$/.test(word),
  );
  const last = roleWordsIn([...before].reverse()).at(-1);
  return last !== undefined && ["loan", "price", "fund", "goal", "final"].includes(last.role);
}
