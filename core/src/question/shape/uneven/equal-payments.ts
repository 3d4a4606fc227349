import { timesOf } from "../../facts/amount-time";
import type { AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { momentOf } from "../../facts/moment";
import { PAYMENT_NOUN } from "../../facts/rates";
import type { Mark } from "../../marks/mark";

/** "In 6 and 12 months" tells two times. */
export function momentsOf(mark: Mark): readonly string[] {
  const all = timesOf(mark);
  return all.length > 0 ? all : [momentOf(mark) ?? "P0D"];
}

/** "Three equal payments, due in 1, 2 and 3 years, settle a debt of £900": the times are not the debt's. */
function isOfAll(mark: Mark, count: number | null): boolean {
  return count !== null && count > 1 && momentsOf(mark).length === count;
}

/** "Two equal payments, one at the end of 1 year, the other at the end of 4 years." */
export function equalPayments(
  { scope, streams }: Facts,
  amounts: readonly AmountFact[],
): readonly Mark[] {
  const taken = new Set<Mark>(amounts.flatMap(({ marks }) => marks));
  const level = scope.marks.find(
    (mark) =>
      /^(?:equal|level|identical)$/.test(mark.word) &&
      scope.after(mark, 1)[0]?.word.endsWith("s") === true &&
      PAYMENT_NOUN.test(scope.after(mark, 1)[0]?.word ?? ""),
  );
  if (level === undefined || streams.length > 0) return [];
  const [before] = scope.before(level, 1);
  const quantity = before?.quantity?.is === "number" ? before.quantity : null;
  const told = quantity === null || quantity.isOrdinal ? null : quantity.value;
  const count = told === null ? level : (before ?? level);
  const whens = scope
    .sentence(count)
    .filter(
      (mark) =>
        (!taken.has(mark) || isOfAll(mark, told)) &&
        mark.phrase?.kind === "when" &&
        mark.phrase.as !== "ago",
    );
  const { length } = whens.flatMap(momentsOf);
  const isAll = told === null ? length > 1 : length === told;
  return isAll ? [count, ...whens] : [];
}
