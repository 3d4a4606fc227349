import { PAYMENT_NOUN } from "../facts/rates";
import { isName, namesCurrency, type Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { yearsIn } from "../marks/span";
import { whyUnused, type UnusedCode } from "./why-unused";

/** A figure that the problem does not use, and why. */
export interface Unused {
  readonly mark: Mark;
  readonly why: UnusedCode;
}

/** Every figure of the text is used, or is told here: none is passed over in silence. */
export function unusedIn(
  scope: Scope,
  used: ReadonlySet<number>,
  labels: ReadonlySet<number>,
): Unused[] {
  return scope.marks
    .filter((mark) => mark.figures.length > 0 && !used.has(mark.index))
    .map((mark) => ({ mark, why: labels.has(mark.index) ? "label" : whyUnused(scope, mark) }));
}

/**
 * Whether a figure that is left out rather belongs to the problem: an amount, a rate or a time in a sentence of which
 * something is used. What only the story has stands in a sentence of its own.
 *
 * @param used the marks that the problem uses
 * @param lengths how long the payments go on, which often is told twice
 */
export function isDoubtful(
  scope: Scope,
  { mark, why }: Unused,
  used: ReadonlySet<number>,
  lengths: readonly string[],
): boolean {
  const isTime =
    why === "time" &&
    (isLength(mark, lengths.length > 0) ||
      isLaterLength(scope, mark) ||
      (mark.phrase?.as === "end-of" && isTimeOfRate(scope, mark, used)));
  if (why !== "amount" && why !== "percent" && !isTime)
    return (
      isPlainAmount(scope, { mark, why }, used) ||
      isLengthLeftOut(scope, mark, used) ||
      (mark.quantity?.is === "number" && mark.quantity.isOrdinal && isTimeOfRate(scope, mark, used))
    );
  // "At 6%, like everybody … with interest at 6%": the same, told twice.
  const isAgain = (other: Mark) =>
    used.has(other.index) &&
    other.quantity?.is === "percent" &&
    mark.quantity?.is === "percent" &&
    other.quantity.value === mark.quantity.value;
  if (scope.marks.some(isAgain)) return false;
  const isSame = (other: Mark) =>
    used.has(other.index) &&
    other.quantity?.is === "money" &&
    other.quantity.value === valueOf(mark);
  // "… £320 a month to pay her rent of £320".
  const [of, noun] = scope.before(mark, 2);
  const isNamedAgain = of?.word === "of" && PAYMENT_NOUN.test(noun?.word ?? "");
  if ((isName(scope, mark) || isNamedAgain) && scope.marks.some(isSame)) return false;
  const span = spanOf(mark);
  const isTold = (other: Mark) => used.has(other.index) && spanOf(other) === span;
  const isLengthOf = span !== null && lengths.some((length) => isSameTime(length, span));
  if (isTime && (isLengthOf || scope.marks.some(isTold))) return false;
  return scope.sentence(mark).some((other) => used.has(other.index) && isFact(other));
}

/** Whether two lengths of time are the same, however their days are counted. */
export function isSameTime(one: string, other: string): boolean {
  return Math.abs(yearsIn(one) - yearsIn(other)) < A_WEEK;
}

/** In years. */
const A_WEEK = 0.02;

/** "… and for another six, …": a length without its unit. */
function isLengthLeftOut(scope: Scope, mark: Mark, used: ReadonlySet<number>): boolean {
  const [before] = scope.before(mark, 1);
  const [behind] = scope.after(mark, 1);
  const isLength =
    mark.quantity?.is === "number" &&
    !mark.quantity.isOrdinal &&
    mark.quantity.value > 1 &&
    /^(?:another|further|next|following|remaining|last|other)$/.test(before?.word ?? "") &&
    (behind === undefined || /^[.,;:?)]$/.test(behind.word));
  return isLength && scope.sentence(mark).some((other) => used.has(other.index) && isFact(other));
}

function valueOf({ quantity }: Mark): number | null {
  return quantity?.is === "money" ? quantity.value : null;
}

/** The length of time that a mark says. */
export function spanOf({ phrase, quantity }: Mark): string | null {
  return phrase?.iso ?? (quantity?.is === "span" ? quantity.iso : null);
}

/** A large figure beside what is used, in a text that names no currency: it may well be an amount. */
function isPlainAmount(scope: Scope, { mark, why }: Unused, used: ReadonlySet<number>): boolean {
  const { quantity } = mark;
  if (why !== "number" && why !== "things") return false;
  if (quantity?.is !== "number" || quantity.isOrdinal || Math.abs(quantity.value) < 100)
    return false;
  const hasCurrency = scope.marks.some(namesCurrency);
  return scope
    .sentence(mark)
    .some((other) => used.has(other.index) && (isLarge(other) || (!hasCurrency && isFact(other))));
}

function isLarge({ quantity }: Mark): boolean {
  return quantity?.is === "number" && Math.abs(quantity.value) >= 100;
}

/** "The next eight years'": of several lengths one, which none of the payments has. */
function isLaterLength(scope: Scope, mark: Mark): boolean {
  return (
    mark.quantity?.is === "span" &&
    /^(?:next|following|remaining|last|other)$/.test(scope.before(mark, 1)[0]?.word ?? "")
  );
}

/** "5% in the fifth": when a rate holds. */
function isTimeOfRate(scope: Scope, mark: Mark, used: ReadonlySet<number>): boolean {
  const near = scope.before(mark, 4).find(({ quantity }) => quantity?.is === "percent");
  return near !== undefined && used.has(near.index);
}

function isLength({ phrase, quantity }: Mark, hasPayments: boolean): boolean {
  if (quantity?.is === "span") return !hasPayments && !quantity.isArticle;
  if (phrase?.kind === "lasting") return phrase.as === "whole" || phrase.as === "next";
  // "Payable in 90 days … no, in three months": of two times for one amount, one is wrong.
  return phrase?.kind === "when" && (phrase.as === "at" || phrase.numbers.length > 1);
}

function isFact({ quantity, phrase }: Mark): boolean {
  return (
    quantity?.is === "money" ||
    quantity?.is === "percent" ||
    phrase?.kind === "timing" ||
    phrase?.kind === "every"
  );
}
