import type { Mark } from "../marks/mark";
import { amountOf, isCue, LEVEL } from "./payment-amount";
import { extend, newStream, type PaymentsFact } from "./payments-fact";
import { laterStream, payIn, thenSpan, wholeYears, withoutRhythm } from "./payments-in-row";
import { everyOf, PAYMENT_NOUN, type PercentFact } from "./rates";
import { rolesAround, strongest, type Role } from "./roles";
import { isMoney, until, type Scope } from "./scope";
import { stepOf } from "./steps";

const STREAM_ROLES: readonly Role[] = [
  "deposit",
  "withdrawal",
  "receipt",
  "rent-paid",
  "repayment",
  "coupon",
];
/** Roles of one kind of stream: who pays into an account is not who draws from it. */
const SIDES: Partial<Record<Role, string>> = {
  deposit: "saving",
  withdrawal: "spending",
  receipt: "spending",
};

function sideOf(role: Role | null): string | null {
  return role === null ? null : (SIDES[role] ?? null);
}

/** The streams of a scope: a frequency that is no rate's makes one, with the amount and the words around it. */
export function paymentsIn(scope: Scope, percents: readonly PercentFact[]): PaymentsFact[] {
  const taken = new Set(percents.flatMap(({ marks }) => marks));
  const streams: PaymentsFact[] = [];
  for (const mark of scope.marks) {
    if (!isCue(mark) || taken.has(mark) || isOfOther(scope, mark)) continue;
    if (isOfFall(scope, mark, percents) || isOfStory(scope, mark)) continue;
    const whole = wholeYears(scope, streams, mark);
    if (whole !== null) {
      payIn(whole, mark);
      continue;
    }
    const amount = amountOf(scope, mark, taken);
    const role = roleOf(scope, mark, amount);
    const isOpen = amount === null && isLevel(scope, mark);
    const same = sameStream(scope, streams, mark, { amount, role, isOpen });
    const span = thenSpan(scope, streams, mark);
    if (span !== null) streams.push(laterStream(newStream(mark, amount, role, isOpen), span));
    else if (same === null) streams.push(newStream(mark, amount, role, isOpen));
    else extend(same, mark, amount, role);
  }
  return [...streams, ...withoutRhythm(scope, streams)];
}

/** "What monthly rate", "an annual yield": the frequency of a rate that is asked for. */
function isOfRate(scope: Scope, mark: Mark): boolean {
  const [next, second] = scope.after(mark, 2);
  const noun =
    /^(?:rate|rates|yield|return|interest|inflation|discount|growth|percentage|percent|%|compound|compounding|convertible)$/;
  const [before] = scope.before(mark, 1);
  const isAfterRate =
    mark.phrase?.as !== "adverb" &&
    /(?:^| )(?:rate|interest|percentage|%|cent|percent|gain|return|growth|increase|yield|appreciation)$/.test(
      before?.plain ?? "",
    );
  return (
    isAfterRate ||
    noun.test(next?.word ?? "") ||
    next?.phrase?.kind === "quoted" ||
    next?.phrase?.kind === "compounding" ||
    (/^(?:nominal|effective|interest)$/.test(next?.word ?? "") && noun.test(second?.word ?? ""))
  );
}

/** Whether a frequency is that of a rate or of growth. */
function isOfOther(scope: Scope, mark: Mark): boolean {
  return (
    isOfRate(scope, mark) ||
    isOfGrowth(scope, mark) ||
    isOfAskedGrowth(scope, mark) ||
    EVENTS.test(scope.after(mark, 1)[0]?.word ?? "")
  );
}

/** "The annual report", "a weekly market": what comes so often is not paid. */
const EVENTS =
  /^(?:reports?|meetings?|festivals?|fairs?|markets?|magazines?|journals?|newspapers?|newsletters?|holidays?|trips?|visits?|inspections?|rainfall|conferences?|competitions?|ball|accounts)$/;

/** "It hums louder each winter." */
function isOfStory(scope: Scope, mark: Mark): boolean {
  return mark.phrase?.as === "the-season" && !scope.sentence(mark).some(isMoney);
}

/** "Every year it loses 12% of its value": a sentence of growth alone, that begins with how often. */
function isOfFall(scope: Scope, mark: Mark, percents: readonly PercentFact[]): boolean {
  const sentence = scope.sentence(mark);
  return (
    sentence[0] === mark &&
    !sentence.some((other) => isMoney(other) || PAYMENT_NOUN.test(other.word)) &&
    percents.some(({ use, mark: own }) => use === "growth" && own.sentence === mark.sentence)
  );
}

/** "By what percentage has it grown each year?" asks for a rate, and speaks of no payments. */
function isOfAskedGrowth(scope: Scope, mark: Mark): boolean {
  const sentence = scope.sentence(mark);
  const [verb] = scope.before(mark, 1);
  if (
    GROWS.test(verb?.word ?? "") &&
    sentence.some(({ word }) => /^(?:percentage|percent|rate)$/.test(word))
  )
    return true;
  return (
    sentence.at(-1)?.word === "?" &&
    !sentence.some(isMoney) &&
    sentence.some(({ word }) => /^(?:percentage|percent|rate)$/.test(word)) &&
    sentence.some(({ word }) => GROWS.test(word))
  );
}

const GROWS =
  /^(?:grown|grow|grew|risen|rise|rose|increased|increase|fallen|fall|fell|shrunk|shrink|shrank|declined?|lost|lose|loses)$/;

/** "I pay $5 more every month", "goes up by £250 each year": how often a step is made. */
function isOfGrowth(scope: Scope, mark: Mark): boolean {
  const money = until(scope.before(mark, 4), (other) => other.phrase !== undefined).find(isMoney);
  return money !== undefined && stepOf(scope, money) !== null;
}

const WANTS = /^(?:wants?|wanted|needs?|needed|requires?)$/;

function roleOf(scope: Scope, cue: Mark, amount: Mark | null): Role | null {
  const around = rolesAround(scope, amount ?? cue);
  const own = amount === null ? around : rolesAround(scope, cue);
  for (const [role, score] of own) around.set(role, (around.get(role) ?? 0) + 0.5 * score);
  const named = strongest(around, STREAM_ROLES);
  // "She wants $2,800 at the end of every month": what is wanted so often is received.
  const lead = scope.before(amount ?? cue, 8);
  const isWanted = lead.some(
    // "How many years are needed for £100 a year?"
    ({ word }, at) => WANTS.test(word) && !/^(?:is|are|were|was)$/.test(lead[at + 1]?.word ?? ""),
  );
  return named ?? (isWanted ? "withdrawal" : null);
}

interface Cue {
  readonly amount: Mark | null;
  readonly role: Role | null;
  /** Whether the words say that all are alike, and not how large. */
  readonly isOpen: boolean;
}

function isLevel(scope: Scope, cue: Mark): boolean {
  const before = until(
    scope.before(cue, 7),
    (mark) => isMoney(mark) || mark.word === ";" || mark.phrase !== undefined,
  );
  return before.some(({ word }) => LEVEL.test(word));
}

function sameStream(
  scope: Scope,
  streams: readonly PaymentsFact[],
  cue: Mark,
  { amount, role, isOpen }: Cue,
): PaymentsFact | null {
  const every =
    cue.phrase?.iso === undefined && cue.phrase?.as !== "twice-a-year" ? null : everyOf(cue);
  const fits = (stream: PaymentsFact) => {
    if (amount !== null && stream.amountMark !== null && amount !== stream.amountMark) return false;
    if (isOpen && stream.amount !== null) return false;
    if (every !== null && stream.every !== null && every !== stream.every) return false;
    const [one, other] = [sideOf(stream.role), sideOf(role)];
    const isOther = one !== null && other !== null && one !== other;
    return !isOther;
  };
  // The nearest told before: each new one may say more of it.
  const candidates = [...streams].reverse().filter(fits);
  const [found] = candidates;
  if (found === undefined) return null;
  if (
    cue.phrase?.as?.endsWith("-of-next") === true &&
    (found.term !== null || found.marks.length > 1)
  )
    return null;
  const isSecondPeriod = scope
    .after(cue, 6)
    .some(({ phrase }) => phrase?.kind === "lasting" && phrase.as === "next");
  const isMeantNext = isSecondPeriod && !found.isNext && found.term !== null;
  return isMeantNext ? null : found;
}
