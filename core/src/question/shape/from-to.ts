import { amountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { isMoney } from "../facts/scope";

/**
 * "Rent went up from €620 to €760 a month within four years": one amount that changes, however often it is paid.
 *
 * @returns the facts without payments; `null` where no amount changes so
 */
export function changedAmount(facts: Facts): Facts | null {
  const { scope, ask } = facts;
  const isAsked = ask?.kind === "rate" || ask?.kind === "growth" || ask?.kind === "time";
  if (!isAsked) return null;
  const before = scope.marks.find((mark) => {
    if (!isMoney(mark)) return false;
    const [to, second] = scope.after(mark, 2);
    return scope.before(mark, 1)[0]?.word === "from" && to?.word === "to" && isMoney(second);
  });
  const after = before === undefined ? undefined : scope.after(before, 2)[1];
  if (before === undefined || after === undefined) return null;
  const amounts = [before, after].map((mark) => ({
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
