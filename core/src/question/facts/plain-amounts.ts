import type { Mark } from "../marks/mark";
import { isYear, wordsOf, type Scope } from "./scope";

const CHECKS = / (?:check|correct|wrong|mistake|is that right|is this right) /;

/** "Please check: I get £900": what somebody has worked out is what is asked for. */
export function isClaimed(scope: Scope, mark: Mark): boolean {
  const lead = wordsOf([...scope.before(mark, 3)].reverse());
  return (
    / (?:i (?:get|got|found|calculated|make it|have)|(?:my|the) (?:answer|result) (?:is|was)) $/.test(
      lead,
    ) && CHECKS.test(scope.words)
  );
}

/** "The future value of 2000": no year. */
function isOfWorth(scope: Scope, mark: Mark): boolean {
  const [of, noun] = scope.before(mark, 2);
  return (
    of?.word === "of" &&
    /^(?:value|worth|pv|fv|loan|debt|sum|amount|principal|deposit|price|investment)$/.test(
      noun?.word ?? "",
    )
  );
}

/** "What does 7 400 become": a figure without a currency, and without a noun that it counts. */
export function isPlainAmount(scope: Scope, mark: Mark): boolean {
  const { quantity } = mark;
  if (quantity?.is !== "number" || quantity.isOrdinal || quantity.value < 100) return false;
  const [next] = scope.after(mark, 1);
  const [before] = scope.before(mark, 1);
  const isOfCalendar =
    isYear(mark) &&
    next?.phrase?.kind !== "when" &&
    !/^(?:worth|due|invested|deposited|borrowed)$/.test(next?.word ?? "") &&
    !isOfWorth(scope, mark);
  const isCounted =
    next !== undefined &&
    next.phrase === undefined &&
    next.quantity === undefined &&
    !/^(?:becomes?|grows?|falls?|rises?|shrinks?|declines?|increases?|decreases?|loses?|is|at|was|today|now|and|to|in|into|for|,|\.|\?|;|has|have|will|amounts?|over|earns?|turns?|doubles?|trebles?|triples?|accumulates?|after|on|from|with|down|worth|due|loan|mortgage|debt|invested|deposited|borrowed)$/.test(
      next.word,
    );
  return (
    !isOfCalendar &&
    !isCounted &&
    !/^(?:question|exercise|problem|room|page|case|ref|no|number|unit)$/.test(before?.word ?? "")
  );
}
