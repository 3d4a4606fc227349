import type { Facts } from "../facts/facts";
import { isOpen, percentsIn, type PercentFact } from "../facts/rates";
import { isMoney, Scope, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { laterStart } from "./later-start";
import { paymentsAnew } from "./payments-anew";

interface WithPart {
  readonly marks: readonly Mark[];
  /** What the part says twice: "five years later, at 35". */
  readonly again: readonly Mark[];
}

/** A part with what stands before all of them, as one text: what the part says anew takes the place of what was said. */
export function withPart(before: readonly Mark[], own: Facts, marks: readonly Mark[]): WithPart {
  const changed = own.percents.flatMap((fact) => {
    const told = toldAnew(before, own, fact);
    return told === null ? [] : [[told.mark, fact.mark] as const];
  });
  const { replaced, dropped } = paymentsAnew(before, own);
  const places = new Map([...changed, ...replaced]);
  const taken = new Set(changed.map(([, mark]) => mark));
  const clauses = new Set([...taken].flatMap((mark) => clauseOf(own.scope, mark)));
  for (const [, mark] of replaced) clauses.add(mark);
  const start = laterStart(before, own);
  const again = start?.again ?? [];
  const rest = marks.filter((mark) => !clauses.has(mark) && !again.includes(mark));
  const lead =
    places.size === 0
      ? before
      : before.map((mark) => {
          const anew = places.get(mark);
          const { sentence, line } = mark;
          return anew === undefined ? mark : { ...anew, sentence, line };
        });
  const others = own.percents.filter(({ mark }) => !taken.has(mark));
  const amounts = own.amounts.filter(({ mark }) => !clauses.has(mark));
  const gone = [...dropped, ...(start === null ? [] : [start.age])];
  const told = withoutOverridden(lead, { ...own, percents: others, amounts }, rest, gone);
  return { marks: [...told, ...rest], again };
}

/** "If the rate is 4.2% instead", from its first word on. */
function clauseOf(scope: Scope, mark: Mark): Mark[] {
  const before = scope.before(mark, 8);
  const opening = before.findIndex(({ word }) => word === "if");
  const [next] = scope.after(mark, 1);
  return [...before.slice(0, opening + 1), mark, ...(next?.word === "instead" ? [next] : [])];
}

const CHANGES =
  / (?:instead|if (?:the|its|their) (?:\S+ )?(?:rate|growth|interest|inflation|increase)|if it (?:is|were|was)) /;

/** "… if the rate is 4.2% instead": the figure alone is told anew; it is quoted, and grows, as the one before. */
function toldAnew(
  before: readonly Mark[],
  { scope }: Facts,
  fact: PercentFact,
): PercentFact | null {
  const isChange = fact.use === "rate" || fact.use === "growth";
  if (!isChange || !isOpen(fact.quoting) || !CHANGES.test(scope.words)) return null;
  const told = percentsIn(new Scope(before)).filter(({ use }) => use === fact.use);
  const [only] = told;
  const isQuoted = fact.use === "growth" || (only !== undefined && !isOpen(only.quoting));
  return told.length === 1 && only !== undefined && isQuoted ? only : null;
}

/**
 * What stands before the parts, without what a part says anew: its own rate, its own time, its own end of the period
 * take the place of those.
 *
 * @param gone what else it takes the place of
 */
function withoutOverridden(
  before: readonly Mark[],
  own: Facts,
  marks: readonly Mark[],
  gone: readonly Mark[],
): readonly Mark[] {
  const dropped = new Set(gone);
  const hasRate = own.percents.some(({ use, percent }) => use === "rate" && percent !== null);
  if (hasRate) {
    for (const { use, marks: told } of percentsIn(new Scope(before))) {
      if (use === "rate") told.forEach((mark) => dropped.add(mark));
    }
  }
  // "How many years does it take instead?": how long is not told any more.
  const isTimeAsked = own.ask?.kind === "time" || own.ask?.kind === "count";
  const isMoved =
    (own.percents.length === 0 && isWorthLater(before, own)) || timesOfAmounts(before) > 1;
  if (
    (marks.some((mark, at) => isTerm(mark) && marks[at - 1]?.phrase?.kind !== "starting") ||
      isTimeAsked) &&
    !isMoved &&
    !marks.some(({ word }) => /^(?:owes?|owed|owing|outstanding|balance)$/.test(word))
  )
    before.filter(isTerm).forEach((mark) => dropped.add(mark));
  if (isOtherStart(own)) {
    const amounts = before.filter(isMoney);
    if (amounts.length === 1) amounts.forEach((mark) => dropped.add(mark));
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

/** How many amounts have a time right behind them: "€4,000 due in 2 years and €6,000 in 5 years". */
function timesOfAmounts(before: readonly Mark[]): number {
  return before.filter((mark, at) => {
    const isTime = mark.phrase?.kind === "when" && mark.phrase.as === "at";
    return isTime && before.slice(Math.max(at - 3, 0), at).some(isMoney);
  }).length;
}

/** "… will be worth £9,000 in 25 years. (b) What will it be worth in 10?": the time that is told stays that of the amount. */
function isWorthLater(before: readonly Mark[], { ask, amounts }: Facts): boolean {
  const words = wordsOf(before);
  return (
    ask?.kind === "future" &&
    amounts.length === 0 &&
    / (?:will|would) be worth [^.]*(?:in|after) \S+ (?:years|months) /.test(words)
  );
}

/** "(c) What deposit would be worth €12,000 then?": not the one that is told of all parts. */
function isOtherStart({ ask, amounts, scope }: Facts): boolean {
  return (
    ask?.kind === "start" &&
    amounts.length === 1 &&
    / (?:what|which) (?:deposit|sum|amount|principal|investment) /.test(scope.words)
  );
}

/** Whether a mark tells how long something goes on. */
export function isTerm({ phrase, quantity, plain }: Mark): boolean {
  // When a debt is due stays as it is, whenever it is settled.
  if (/^(?:due|payable) /.test(plain)) return false;
  return (
    (phrase?.kind === "lasting" && phrase.as === "whole") ||
    (quantity?.is === "span" && !quantity.isArticle) ||
    (phrase?.kind === "when" && phrase.as === "at")
  );
}
