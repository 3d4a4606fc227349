import type { Flow, KnownPosition } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { PercentFact } from "../facts/rates";
import { until } from "../facts/scope";
import type { Places } from "./places";
import { IDS } from "./plans";
import type { Use } from "./shape";
import type { Side } from "./sides";

/** What a share of a price is: paid down, lent, or left to be paid at the end. */
export interface Share {
  readonly is: "down" | "lent" | "end";
  readonly times: number;
  readonly fact: PercentFact;
}

const DOWN = /^(?:down|deposit|initial|upfront|cash|themselves|himself|herself|myself|ourselves)$/;
/** What is paid of a price is paid down, where nothing says that it is paid at the end. */
const PAID = /^(?:paid|pays?|paying)$/;
const LENT = /^(?:borrows?|borrowed|finances?|financed|lends?|lent|loan|mortgage)$/;
const END = /^(?:residual|balloon|final|end|last)$/;

/** From here on it is what the share leaves. */
const OTHERS = /^(?:;|balance|rest|remainder)$/;

/**
 * The shares of a price that payments clear: "she pays 20% down", "with a residual of 30% of the price". Of each kind
 * there is one; one that is told again is the same.
 */
export function sharesIn(facts: Facts): Share[] {
  const told = toldIn(facts);
  return told.filter(({ is }, at) => told.findIndex((other) => other.is === is) === at);
}

function toldIn({ scope, percents }: Facts): Share[] {
  return percents.flatMap((fact): Share[] => {
    if (fact.use !== "share" || fact.percent === null) return [];
    const behind = until(scope.after(fact.mark, 10), ({ word }) => OTHERS.test(word));
    const near = [...scope.before(fact.mark, 6), ...behind];
    const nearest = near.find(({ word }) => DOWN.test(word) || LENT.test(word) || END.test(word));
    const word = nearest?.word ?? "";
    const isPaid =
      nearest === undefined &&
      near.some(({ word: verb, phrase }) => PAID.test(verb) || phrase?.as === "now");
    const isDown = isPaid || DOWN.test(word);
    const is = isDown ? "down" : LENT.test(word) ? "lent" : END.test(word) ? "end" : null;
    return is === null ? [] : [{ is, times: Number((fact.percent / 100).toPrecision(15)), fact }];
  });
}

/**
 * The flow of a share. Of a price of which a part is lent, the rest is paid at once.
 *
 * @param ids what the flows are called in which the price stands, and what is paid at the end
 */
export function shareFlow(
  { is, times }: Share,
  price: number,
  ids: { readonly start: string; readonly end: string },
  end: KnownPosition,
): Flow {
  const amount = { times, of: ids.start };
  if (is === "end") return { id: ids.end, kind: "single", direction: "out", amount, at: end };
  const paid = is === "down" ? amount : Number((price * (1 - times)).toPrecision(15));
  return { id: "down", kind: "single", direction: "out", amount: paid, at: "P0D" };
}

export function shareUse({ fact }: Share, { id }: Flow): Use {
  return { mark: fact.mark, role: "share", target: { flow: id, field: "amount" } };
}

/** "Banks ask for 20% of the price as a deposit": a part of a price is saved for. */
export function savedShare(
  facts: Facts,
  side: Side,
  places: Places,
): { readonly places: Places; readonly uses: readonly Use[] } {
  const { end } = places;
  const share = side === "saving" ? sharesIn(facts).find(({ is }) => is === "down") : undefined;
  if (share === undefined || end?.role !== "price") return { places, uses: [] };
  const amount = Number((end.amount * share.times).toPrecision(15));
  const target = { flow: IDS.saving.end, field: "amount" } as const;
  return {
    places: { ...places, end: { ...end, amount } },
    uses: [{ mark: share.fact.mark, role: "share", target }],
  };
}
