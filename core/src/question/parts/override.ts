import type { Facts } from "../facts/facts";
import type { Mark } from "../marks/mark";
import { paymentsIn } from "../facts/payments";
import { PAYMENT_NOUN, percentsIn } from "../facts/rates";
import { Scope } from "../facts/scope";

/**
 * What stands before the parts, without what a part says anew: its own rate, its own time, its own end of the period
 * take the place of those.
 */
export function withoutOverridden(
  before: readonly Mark[],
  own: Facts,
  marks: readonly Mark[],
): readonly Mark[] {
  const dropped = new Set<Mark>();
  const hasRate = own.percents.some(({ use, percent }) => use === "rate" && percent !== null);
  if (hasRate) {
    for (const { use, marks: told } of percentsIn(new Scope(before))) {
      if (use === "rate") told.forEach((mark) => dropped.add(mark));
    }
  }
  if (
    marks.some(isTerm) &&
    !marks.some(({ word }) => /^(?:owes?|owed|owing|outstanding|balance)$/.test(word))
  )
    before.filter(isTerm).forEach((mark) => dropped.add(mark));
  if (isOtherPayment(own)) {
    // An amount that is paid instead takes the place of the one that was paid so often.
    for (const { amountMark } of paymentsIn(new Scope(before), percentsIn(new Scope(before)))) {
      if (amountMark !== null) dropped.add(amountMark);
    }
  }
  const timing = marks.find(({ phrase }) => phrase?.kind === "timing")?.phrase;
  if (timing !== undefined) {
    // The end of the period is told anew, and stands where it stood: with the payments that it is of.
    const retold = (mark: Mark) =>
      mark.phrase?.kind === "timing"
        ? {
            ...mark,
            phrase: { ...mark.phrase, ...(timing.as === undefined ? {} : { as: timing.as }) },
          }
        : mark;
    return before.filter((mark) => !dropped.has(mark)).map(retold);
  }
  return before.filter((mark) => !dropped.has(mark));
}

/** "If £1,000 is paid instead", "if the payments are €300". */
function isOtherPayment({ scope, amounts }: Facts): boolean {
  const [only] = amounts;
  if (only === undefined || amounts.length > 1) return false;
  const near = [...scope.before(only.mark, 4), ...scope.after(only.mark, 3)];
  return near.some(
    ({ word }) =>
      PAYMENT_NOUN.test(word) || /^(?:paid|pays?|instead|each|deposits?|deposited)$/.test(word),
  );
}

function isTerm({ phrase, quantity }: Mark): boolean {
  return (
    (phrase?.kind === "lasting" && phrase.as === "whole") ||
    (quantity?.is === "span" && !quantity.isArticle) ||
    (phrase?.kind === "when" && phrase.as === "at")
  );
}
