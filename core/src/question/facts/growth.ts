import type { Ask } from "../asked/ask";
import type { Mark } from "../marks/mark";
import type { PaymentsFact } from "./payments-fact";
import { everyOf, PAYMENT_NOUN, type PercentFact } from "./rates";
import { rolesAround, strongest } from "./roles";
import { isMoney, until, wordsOf, type Scope } from "./scope";
import { stepOf } from "./steps";

const UNTOLD =
  / (?:larger|higher|more|greater|bigger|rises?|rising|increases?|increasing|increased|raises?|raised|grows?|growing|up|smaller|less|falls?)(?: \S+){0,7}? by (?:the same|a constant|a fixed|one and the same|an equal|a certain|a steady) (?:\S+ )?(percentage|percent|per cent|rate|proportion|amount|number|sum)|( a (?:fixed|constant|certain) (?:amount|sum) more) | by how (many|much) (?:\S+ ){0,5}?(?:rise|increase|grow|raise)/;

/** Growth that the words leave to be found: "a dividend larger by the same percentage"; `null` for none. */
export function untoldGrowth(scope: Scope, ask: Ask | null): "percent" | "amount" | null {
  // "By how much does £500 grow?"
  if (ask?.kind === "interest") return null;
  const words = scope.words;
  const match = UNTOLD.exec(words);
  const asked = wordsOf(ask?.marks ?? []);
  const isAsked = / (?:growth|increase|rise|rises|raise|percentage|step|grow|increases) /.test(
    asked,
  );
  if (!isAsked || (match === null && ask?.kind !== "growth")) return null;
  const isPercent =
    / (?:percentage|percent|per cent|growth|rate|%) /.test(asked) ||
    /^p|^rate/.test(match?.[1] ?? "");
  return isPercent ? "percent" : "amount";
}

/**
 * Payments that are told by their growth alone: "save €1,000 at the end of this year and raise the deposit by 4% every
 * year".
 */
export function grownStream(
  scope: Scope,
  percents: readonly PercentFact[],
  ask: Ask | null,
): PaymentsFact | null {
  const growth = percents.find(({ use }) => use === "growth");
  const step = scope.marks.find((mark) => isMoney(mark) && stepOf(scope, mark) !== null);
  const untold = untoldGrowth(scope, ask);
  const at = growth?.mark ?? step;
  if (at === undefined && untold === null) return null;
  // "A car depreciates at 16% a year" is no row of payments.
  if (/ depreciat\w+ /.test(scope.words)) return null;
  const amount = firstAmount(scope, step ?? null);
  if (amount === null) return null;
  const every = growth?.marks.find(
    ({ phrase }) => phrase?.kind === "every" || phrase?.kind === "timing",
  );
  const scores = rolesAround(scope, amount.mark);
  const role = strongest(scores, ["deposit", "withdrawal", "receipt", "repayment"]);
  // "A saddle costs €900 today; its price rises by 3% a year": nothing is paid so often.
  const isPriced =
    role === null &&
    percents.every(({ use }) => use === "growth") &&
    / (?:prices?|costs?|value|worth) /.test(scope.words);
  if (isPriced) return null;
  return {
    amount: amount.value,
    every: every === undefined ? amount.period : everyOf(every),
    timing: amount.first === "P0D" ? "start" : "end",
    count: null,
    term: null,
    first: amount.first,
    role,
    growth: null,
    growthEvery: null,
    advance: 0,
    waits: null,
    isNext: false,
    isOpen: false,
    marks: [amount.mark, amount.when],
    amountMark: amount.mark,
  };
}

/** "The first payment is £2,000 and each is 3% larger than the last." */
export function firstNamed(scope: Scope): Mark | null {
  const named = scope.marks.filter((mark) => {
    const before = scope.before(mark, 7);
    const isTold = /^(?:is|was|be|of|=|:)$/.test(before[0]?.word ?? "");
    const isFirst = before.some(
      ({ word, phrase, plain }, at) =>
        (phrase?.kind === "first-of" && / payment| deposit| rent/.test(plain)) ||
        (word === "first" && PAYMENT_NOUN.test(before[at - 1]?.word ?? "")),
    );
    return isMoney(mark) && isTold && isFirst;
  });
  return named[0] ?? null;
}

interface FirstAmount {
  readonly value: number;
  readonly mark: Mark;
  readonly when: Mark;
  readonly first: string;
  readonly period: string | null;
}

/** The amount that is paid at the end of a first period, or today. */
export function firstAmount(scope: Scope, step: Mark | null): FirstAmount | null {
  for (const mark of scope.marks) {
    if (mark === step || mark.quantity?.is !== "money") continue;
    const near = [
      ...until(scope.after(mark, 7), isMoney),
      ...until(scope.before(mark, 6), isMoney),
    ];
    const when = near.find(
      ({ phrase }) =>
        phrase?.kind === "when" &&
        (phrase.as === "end-of" ||
          phrase.as === "at" ||
          phrase.as === "now" ||
          phrase.as === "first-at"),
    );
    const phrase = when?.phrase;
    if (when === undefined || phrase === undefined) continue;
    const isFirst = phrase.as !== "end-of" || (phrase.numbers[0] ?? 1) === 1;
    if (!isFirst) continue;
    const period = phrase.as === "now" ? null : (phrase.iso ?? null);
    return { value: mark.quantity.value, mark, when, first: period ?? "P0D", period };
  }
  return null;
}
