import { amountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { isMoney, until, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";

/**
 * "Rent went up from €620 to €760 a month within four years": one amount that changes, however often it is paid.
 *
 * @returns the facts without payments; `null` where no amount changes so
 */
export function changedAmount(facts: Facts): Facts | null {
  const { scope, ask } = facts;
  const isAsked = ask?.kind === "rate" || ask?.kind === "growth" || ask?.kind === "time";
  if (!isAsked) return null;
  const pair = fromTo(scope) ?? risenTo(facts);
  if (pair === null) return null;
  const amounts = pair.map((mark) => ({
    ...amountFact(scope, mark, new Set()),
    at: null,
    marks: [mark],
  }));
  return {
    ...facts,
    streams: [],
    amounts,
    ask: { ...ask, kind: ask.kind === "time" ? "time" : "rate" },
  };
}

function fromTo(scope: Facts["scope"]): readonly [Mark, Mark] | null {
  for (const mark of scope.marks.filter(isMoney)) {
    const [to, after] = scope.after(mark, 2);
    const isFrom = scope.before(mark, 1)[0]?.word === "from";
    if (isFrom && to?.word === "to" && after !== undefined && isMoney(after)) return [mark, after];
  }
  return null;
}

const RISES = /^(?:rise|grow|increase|climb|fall|shrink|drop)$/;

/** "By what percentage must a rent of £500 a month rise each year to reach £800?" */
function risenTo({ scope, ask, streams }: Facts): readonly [Mark, Mark] | null {
  const isPercent = / (?:percentage|percent|per cent) /.test(wordsOf(ask?.marks ?? []));
  const isPaid = streams.some(({ count, term }) => count !== null || term !== null);
  if (ask?.kind === "time" || !isPercent || isPaid) return null;
  const [before, after, third] = scope.marks.filter(isMoney);
  if (before === undefined || after === undefined || third !== undefined) return null;
  const between = until(scope.after(before, 12), isMoney);
  const isRisen = between.some(({ word }) => RISES.test(word));
  const isGoal = between.slice(-2).some(({ word }) => word === "to");
  return isRisen && isGoal && before.sentence === after.sentence ? [before, after] : null;
}
