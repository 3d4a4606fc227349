import type { AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { roleWordsIn, type Role } from "../facts/roles";
import { isMoney, until, wordsOf } from "../facts/scope";
import { isHadThen, type Side } from "./sides";

/** Where the single amounts of a question with streams belong. */
export interface Places {
  /** What is there at the start. */
  readonly start: AmountFact | null;
  /** Paid down at once. */
  readonly down: readonly AmountFact[];
  /** What comes with the last payment, or is there then. */
  readonly end: AmountFact | null;
}

export function placesOf(facts: Facts, amounts: readonly AmountFact[], side: Side): Places {
  const pair = becoming(facts, amounts);
  if (pair !== null) return pair;
  let start: AmountFact | null = null;
  let end: AmountFact | null = null;
  const down: AmountFact[] = [];
  for (const amount of amounts) {
    const place = placeOf(amount, side, facts, amounts);
    if (place === "start" && start === null) start = amount;
    else if (place === "end" && end === null) end = amount;
    else if (place === "down") down.push(amount);
    else if (place === "start" && side === "saving" && end === null) end = amount;
  }
  return { start, down, end };
}

const BECOMES =
  /^ (?:has |had )?(?:became|become|becomes|grew to|grown to|grows to|increased to|rose to|risen to|fell to|fallen to|shrank to|turned into) $/;

/** "In five years £9,000 became £11,400, although £50 was withdrawn each month." */
function becoming({ scope }: Facts, amounts: readonly AmountFact[]): Places | null {
  const [start, end, third] = amounts;
  if (start === undefined || end === undefined || third !== undefined) return null;
  const between = until(scope.after(start.mark, 6), (mark) => mark === end.mark);
  if (!BECOMES.test(wordsOf(between))) return null;
  const when = start.marks.filter((mark) => mark !== start.mark);
  return {
    start: { ...start, at: null, marks: [start.mark] },
    down: [],
    end: { ...end, at: end.at ?? start.at, marks: [...end.marks, ...when] },
  };
}

/** "An employer pays £160 and an employee £80 a month": no amount at the start, though nobody says that it is paid so often. */
function isPaidBeside({ scope, streams }: Facts, { mark, at }: AmountFact): boolean {
  const behind = scope.after(mark, 5);
  const next = behind.findIndex((other) => streams.some(({ amountMark }) => amountMark === other));
  const [and, article, ...who] = behind.slice(0, Math.max(next, 0));
  // A verb of its own would be another thing that the same person does.
  return (
    at === null &&
    and?.word === "and" &&
    /^(?:a|an|the|his|her|another)$/.test(article?.word ?? "") &&
    roleWordsIn(who).length === 0
  );
}

/** "How long does it take to save £30,000?" */
function isSavedUp({ scope }: Facts, { mark }: AmountFact): boolean {
  const [verb, to] = scope.before(mark, 2);
  return verb?.word === "save" && to?.word === "to";
}

/** "She pays £500 in cash and the rest in 12 payments." */
function isBeforeRest({ scope }: Facts, { mark }: AmountFact): boolean {
  const behind = scope.after(mark, 7);
  const next = scope.marks.filter(({ sentence }) => sentence === mark.sentence + 1);
  const isEnd = behind.length < 7 && !behind.some(isMoney);
  return (
    /^ (?:in cash|down|on delivery) and /.test(wordsOf(behind)) ||
    /^ (?:\S+ ){0,3}?(?:, )?(?:and )?the (?:rest|remainder|balance|difference) /.test(
      wordsOf(behind),
    ) ||
    // "She pays £500 of it herself. The rest is borrowed."
    (isEnd &&
      /^ the (?:rest|remainder|balance) (?:is|was|will|she|he|they) | (?:pay|pays|paid|paying|repay|repays|clear|clears|borrow|borrows)(?: off)? what (?:is left|remains) /.test(
        wordsOf(next),
      ))
  );
}

/** "After how many deposits will she own £30,000?" */
function isOwned({ scope }: Facts, { mark }: AmountFact): boolean {
  return /^(?:own|have|hold|possess|reach|exceed)$/.test(scope.before(mark, 1)[0]?.word ?? "");
}

/** "She drinks a £4 coffee every Friday": what something costs that is no money. */
function isOfThing({ scope }: Facts, { mark }: AmountFact): boolean {
  const [before] = scope.before(mark, 1);
  const behind = scope.after(mark, 2);
  const [noun] = behind;
  return (
    /^(?:a|an|his|her|their|this)$/.test(before?.word ?? "") &&
    noun !== undefined &&
    noun.phrase === undefined &&
    /^[a-z]{3,}$/.test(noun.word) &&
    roleWordsIn(behind).length === 0
  );
}

function placeOf(
  amount: AmountFact,
  side: Side,
  facts: Facts,
  all: readonly AmountFact[],
): "start" | "down" | "end" | "none" {
  const { role, at, scores, times } = amount;
  // What is paid several times has no one place.
  if (times.length > 1) return "none";
  const score = (name: Role) => scores.get(name) ?? 0;
  const isLater = at !== null && at !== "P0D";
  const isDepositAsked =
    facts.streams.some(({ amount: told }) => told === null) && facts.ask?.kind === "payment";
  if (at === "end") return "end";
  if (side === "repaying" || side === "renting") {
    const isOwed = score("loan") + score("price");
    // "15% is paid on a €12,000 boat": what a share is taken of.
    if (all.length === 1 && facts.percents.some(({ use }) => use === "share")) return "start";
    const [verb] = facts.scope.before(amount.mark, 1);
    const isCleared = /^(?:clears?|repays?|settles?|off|discharges?|amorti[sz]es?)$/.test(
      verb?.word ?? "",
    );
    if (isCleared && all.length === 1 && (isDepositAsked || facts.ask?.kind === "rate"))
      return "start";
    if (role === "final" && isOwed < score("final")) return "end";
    if (isLater && isOwed < 0.35) return "end";
    const isDown =
      (score("down") > 0.4 && score("down") >= isOwed) ||
      (at === "P0D" && isOwed < 0.5 && all.length > 1);
    if (isDown || isBeforeRest(facts, amount)) return "down";
    return role === "fee" ? "down" : "start";
  }
  if (side === "saving") {
    // "… then £350": what comes later is not there at the start.
    const [lead] = facts.scope.before(amount.mark, 1);
    if (lead?.phrase?.kind === "thereafter" && role !== "goal") return "none";
    if (isOfThing(facts, amount) && all.length === 1 && !isDepositAsked) return "none";
    if (isPaidBeside(facts, amount)) return "none";
    if (isLater || role === "goal" || role === "price" || role === "loan") return "end";
    // "… saves £400 a month until she has £50,000."
    const isUntil = facts.scope
      .before(amount.mark, 5)
      .some(({ word }) => /^(?:until|till)$/.test(word));
    if (isUntil && all.length === 1) return "end";
    const isInQuestion = facts.ask?.marks.includes(amount.mark) ?? false;
    const isReached =
      isInQuestion &&
      (facts.ask?.kind === "count" || facts.ask?.kind === "time") &&
      (role !== "deposit" || isSavedUp(facts, amount) || isOwned(facts, amount));
    if (isReached && all.length === 1) return "end";
    // Where the deposit is asked for, an amount by itself is the goal; one that is there today is not.
    // "£200 a month for 6 years; it is now worth £16,200": what it has become is there at the end.
    const isWorth = facts.scope
      .before(amount.mark, 3)
      .some(({ word }) =>
        /^(?:worth|contains|holds|shows|given|brought|produced|yielded)$/.test(word),
      );
    if (isWorth && all.length === 1 && facts.ask?.kind === "rate") return "end";
    // "If saving R1,000 a month gives R190,000, what is the rate?"
    const isResult =
      all.length === 1 &&
      facts.ask?.kind === "rate" &&
      at === null &&
      role !== "deposit" &&
      (role !== "fund" || isHadThen(facts, amount));
    if (isResult) return "end";
    const isGoal = all.length === 1 && isDepositAsked && at !== "P0D" && role !== "deposit";
    return isGoal ? "end" : "start";
  }
  // "… and €10,000 is still there".
  const isStill = /^ (?:is|are|will be|remains?) (?:still )?(?:there|left|remaining) /.test(
    wordsOf(facts.scope.after(amount.mark, 4)),
  );
  if (isStill && ["start", "amount", "present"].includes(facts.ask?.kind ?? "")) return "end";
  const isRedeemed = / (?:redeemed|redeemable|redemption|matures) /.test(facts.scope.words);
  const isLast = role === "final" && (all.length > 1 || isRedeemed);
  return isLater || isLast ? "end" : "start";
}
