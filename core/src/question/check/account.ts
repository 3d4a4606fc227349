import { namesCurrency, type Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
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
 * @param hasPayments whether some of them are of payments, which often tell a time twice
 */
export function isDoubtful(
  scope: Scope,
  { mark, why }: Unused,
  used: ReadonlySet<number>,
  hasPayments: boolean,
): boolean {
  const isTime = why === "time" && isLength(mark, hasPayments);
  if (why !== "amount" && why !== "percent" && !isTime)
    return isPlainAmount(scope, { mark, why }, used);
  const isTold = (other: Mark) => used.has(other.index) && spanOf(other) === spanOf(mark);
  if (isTime && scope.marks.some(isTold)) return false;
  return scope.sentence(mark).some((other) => used.has(other.index) && isFact(other));
}

/** The length of time that a mark says. */
function spanOf({ phrase, quantity }: Mark): string | null {
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

function isLength({ phrase, quantity }: Mark, hasPayments: boolean): boolean {
  if (quantity?.is === "span") return !hasPayments && !quantity.isArticle;
  if (phrase?.kind === "lasting") return phrase.as === "whole" || phrase.as === "next";
  // "Payable in 90 days … no, in three months": of two times for one amount, one is wrong.
  return phrase?.kind === "when" && phrase.as === "at";
}

function isFact({ quantity, phrase }: Mark): boolean {
  return (
    quantity?.is === "money" ||
    quantity?.is === "percent" ||
    phrase?.kind === "timing" ||
    phrase?.kind === "every"
  );
}
