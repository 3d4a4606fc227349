import type { Mark } from "../marks/mark";
import { everyOf, PAYMENT_NOUN, type PercentFact } from "./rates";
import { rolesAround, roleWordsIn, strongest, type Role } from "./roles";
import { isMoney, isPercent, until, type Scope } from "./scope";
import { stepOf } from "./steps";

/** Repeated payments, as far as the words tell of them. */
export interface PaymentsFact {
  amount: number | null;
  every: string | null;
  timing: "end" | "start" | null;
  count: number | "forever" | null;
  /** How long they go on. */
  term: string | null;
  /** When the first is paid. */
  first: string | null;
  role: Role | null;
  growth: { percent: number | null } | { amount: number | null } | null;
  growthEvery: string | null;
  /** How many are paid at once, before the others. */
  advance: number;
  /** Where in the row of streams it follows another: "the following 10 years". */
  isNext: boolean;
  /** Whether the words say that all are alike, and not how large: "the same amount each month". */
  readonly isOpen: boolean;
  readonly marks: Mark[];
  amountMark: Mark | null;
}

const STREAM_ROLES: readonly Role[] = [
  "deposit",
  "withdrawal",
  "receipt",
  "rent-paid",
  "repayment",
  "coupon",
];
const PAYMENTS =
  /^(?:payments|deposits|instal(?:l)?ments|repayments|withdrawals|contributions|rents)$/;
/** "3,000 down and the rest over four years, monthly": the amount before is no payment of the row. */
const SETTLES = /^(?:down|upfront|rest|remainder)$/;
const LEVEL = /^(?:equal|same|level|uniform|constant|identical|fixed|regular)$/;

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
    const amount = amountOf(scope, mark, taken);
    const role = roleOf(scope, mark, amount);
    const isOpen = amount === null && isLevel(scope, mark);
    const same = sameStream(scope, streams, mark, { amount, role, isOpen });
    if (same === null) streams.push(newStream(mark, amount, role, isOpen));
    else extend(same, mark, amount, role);
  }
  return streams;
}

function isCue({ phrase }: Mark): boolean {
  return (
    phrase?.kind === "every" ||
    phrase?.kind === "timing" ||
    (phrase?.kind === "compounding" && phrase.as === "payable")
  );
}

/** "What monthly rate", "an annual yield": the frequency of a rate that is asked for. */
function isOfRate(scope: Scope, mark: Mark): boolean {
  const [next, second] = scope.after(mark, 2);
  const noun =
    /^(?:rate|rates|yield|return|interest|discount|growth|percentage|percent|%|compound|compounding|convertible)$/;
  const [before] = scope.before(mark, 1);
  const isAfterRate =
    mark.phrase?.as !== "adverb" &&
    /^(?:rate|interest|percentage|%|cent|percent)$/.test(before?.word ?? "");
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
  return isOfRate(scope, mark) || isOfGrowth(scope, mark) || isOfAskedGrowth(scope, mark);
}

/** "By what percentage has it grown each year?" asks for a rate, and speaks of no payments. */
function isOfAskedGrowth(scope: Scope, mark: Mark): boolean {
  const sentence = scope.sentence(mark);
  return (
    sentence.at(-1)?.word === "?" &&
    !sentence.some(isMoney) &&
    sentence.some(({ word }) => /^(?:percentage|percent|rate)$/.test(word)) &&
    sentence.some(({ word }) =>
      /^(?:grown|grow|grew|risen|rise|rose|increased|increase)$/.test(word),
    )
  );
}

/** "I pay $5 more every month", "goes up by £250 each year": how often a step is made. */
function isOfGrowth(scope: Scope, mark: Mark): boolean {
  const money = until(scope.before(mark, 4), (other) => other.phrase !== undefined).find(isMoney);
  return money !== undefined && stepOf(scope, money) !== null;
}

/** The amount that is paid so often: the nearest before, or behind "of"; none between equal payments of no amount. */
function amountOf(scope: Scope, cue: Mark, taken: ReadonlySet<Mark>): Mark | null {
  const before = scope.before(cue, 14);
  const money = before.findIndex((mark) => isMoney(mark) && stepOf(scope, mark) === null);
  const between = money === -1 ? before : before.slice(0, money);
  const isCut = between.some(
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
  const nouns = between.filter(
    ({ word, phrase }, at) =>
      phrase === undefined && PAYMENTS.test(word) && at < between.length - 1,
  ).length;
  const behind = until(
    scope.after(cue, 12),
    (mark) => STOPS.test(mark.word) || (isCue(mark) && !taken.has(mark)),
  );
  const follow = followIn(scope, behind);
  const isOfNoun =
    cue.phrase?.as === "adverb" && PAYMENT_NOUN.test(scope.after(cue, 1)[0]?.word ?? "");
  const lead = behind[follow - 1]?.word ?? "";
  // "With a final payment of £65": one of another kind.
  const isOfOther =
    lead === "of" &&
    follow > 1 &&
    (!PAYMENT_NOUN.test(behind[follow - 2]?.word ?? "") ||
      SINGLE.test(behind[follow - 3]?.word ?? ""));
  const isNoun = follow === 1 && cue.phrase?.as === "adverb" && PAYMENT_NOUN.test(lead);
  const nounBehind = follow > 0 && (LEADS.test(lead) || isNoun) && !isOfOther;
  if (cue.phrase?.as === "adverb" && follow !== -1 && nounBehind && money > 1)
    return behind[follow] ?? null;
  if (isOfNoun && money > 0) return follow !== -1 && nounBehind ? (behind[follow] ?? null) : null;
  if (money !== -1 && !isCut && nouns === 0 && money <= 12) {
    const found = before[money];
    return found !== undefined && !isPrincipal(scope, found, money)
      ? found
      : follow !== -1 && nounBehind
        ? (behind[follow] ?? null)
        : null;
  }
  return follow !== -1 && nounBehind ? (behind[follow] ?? null) : null;
}

const SINGLE = /^(?:final|last|closing|balloon|residual|extra|single|initial|down)$/;

/** The amount behind a frequency: the one that is said to be it, "the quarterly payment on a £900 debt is £50". */
function followIn(scope: Scope, behind: readonly Mark[]): number {
  const isPaid = (mark: Mark) => isMoney(mark) && stepOf(scope, mark) === null;
  const said = behind.findIndex(
    (mark, at) =>
      isPaid(mark) && at > 0 && /^(?:is|are|was|were)$/.test(behind[at - 1]?.word ?? ""),
  );
  const first = behind.findIndex(isPaid);
  const isOnOther = first > 0 && /^(?:a|an|the|his|her)$/.test(behind[first - 1]?.word ?? "");
  return said !== -1 && isOnOther ? said : first;
}

/** Words that go on to something else. */
const STOPS = /^(?:;|so|then|when|until|which|after|while|but|instead)$/;

/** What stands right before the amount of payments that are named before it: "instalments of", "each is". */
const LEADS =
  /^(?:of|is|are|was|were|at|pays?|saves?|deposits?|receives?|takes?|puts?|:|,|be|for|draws?|withdraws?|sends|just|only|exactly|about|get|gets)$/;

/** An amount that words right before it call a loan or a price, with the frequency further on. */
function isPrincipal(scope: Scope, money: Mark, distance: number): boolean {
  if (distance <= 1) return false;
  const before = until(
    scope.before(money, 4),
    ({ word, phrase }) => phrase !== undefined || /^(?:,|if|and|;|\(|\))$/.test(word),
  );
  const words = roleWordsIn([...before].reverse());
  const last = words.at(-1);
  return (
    last !== undefined &&
    ["loan", "price", "fund", "goal", "final"].includes(last.role) &&
    distance > 2
  );
}

function roleOf(scope: Scope, cue: Mark, amount: Mark | null): Role | null {
  const around = rolesAround(scope, amount ?? cue);
  const own = amount === null ? around : rolesAround(scope, cue);
  for (const [role, score] of own) around.set(role, (around.get(role) ?? 0) + 0.5 * score);
  const named = strongest(around, STREAM_ROLES);
  // "She wants $2,800 at the end of every month": what is wanted so often is received.
  return named ?? ((around.get("goal") ?? 0) > 0 ? "withdrawal" : null);
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

function newStream(
  cue: Mark,
  amount: Mark | null,
  role: Role | null,
  isOpen: boolean,
): PaymentsFact {
  const stream: PaymentsFact = {
    amount: amount?.quantity?.is === "money" ? amount.quantity.value : null,
    every: null,
    timing: null,
    count: null,
    term: null,
    first: null,
    role,
    growth: null,
    growthEvery: null,
    advance: 0,
    isNext: false,
    isOpen,
    marks: [],
    amountMark: amount,
  };
  if (amount !== null) stream.marks.push(amount);
  extend(stream, cue, null, role);
  return stream;
}

function extend(stream: PaymentsFact, cue: Mark, amount: Mark | null, role: Role | null): void {
  const { phrase } = cue;
  if (phrase === undefined) return;
  const tells = phrase.iso !== undefined || (phrase.as ?? "").startsWith("t");
  if (tells) stream.every ??= everyOf(cue);
  if (phrase.kind === "timing")
    stream.timing = phrase.as?.startsWith("start") === true ? "start" : "end";
  if (phrase.as?.endsWith("-of-next") === true) {
    stream.count ??= phrase.numbers[0] ?? null;
    stream.isNext = true;
  }
  if (amount !== null && stream.amountMark === null && amount.quantity?.is === "money") {
    stream.amountMark = amount;
    stream.amount = amount.quantity.value;
    stream.marks.push(amount);
  }
  stream.role ??= role;
  stream.marks.push(cue);
}
