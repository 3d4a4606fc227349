import type { Flow } from "../../engine/problem/schema";
import { momentOf } from "../facts/moment";
import type { Facts } from "../facts/facts";
import { wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { amountUses, type Use, usesOf } from "./shape";

/** What an amount was and what becomes of it: who owes gets first and pays later. */
type Ways = readonly ["in" | "out", "in" | "out"];

interface PastFlows {
  readonly flows: readonly Flow[];
  readonly uses: readonly Use[];
}

const VALUES = new Set(["present", "start", "future", "amount", "balance"]);

/** One amount of which the past is told or asked; `null` where it is not. */
export function pastFlows(facts: Facts, isOwed: boolean): PastFlows | null {
  const ways: Ways = isOwed ? ["in", "out"] : ["out", "in"];
  return facts.amounts.length === 1 && VALUES.has(facts.ask?.kind ?? "amount")
    ? (askedBefore(facts, ways) ?? toldBefore(facts, ways))
    : null;
}

/** "What did it cost ten years ago?" */
function askedBefore(
  { scope, ask, amounts: [amount] }: Facts,
  [first, second]: Ways,
): PastFlows | null {
  const isAgo = ({ phrase }: Mark) => phrase?.as === "ago";
  // "Four years ago he put in a certain amount. What amount was that?"
  const isPast =
    / (?:amount|sum|much) (?:was|were|had|did) | what was the (?:\S+ )?(?:deposit|amount|sum|loan|investment|price) /.test(
      wordsOf(ask?.marks ?? []),
    );
  const ago = ask?.marks.find(isAgo) ?? (isPast ? scope.marks.find(isAgo) : undefined);
  if (ago?.phrase?.iso === undefined || amount === undefined) return null;
  if (amount.since !== undefined || amount.at === "end") return null;
  return {
    flows: [
      { id: "before", kind: "single", direction: first, amount: null, at: `-${ago.phrase.iso}` },
      { id: "now", kind: "single", direction: second, amount: amount.amount, at: "P0D" },
    ],
    uses: [
      ...amountUses(amount, "now"),
      ...usesOf([ago], "time", { flow: "before", field: "when" }),
    ],
  };
}

/** "€600 was put in an account 4 years ago: what is it worth now?" */
function toldBefore(
  { scope, ask, amounts: [amount] }: Facts,
  [first, second]: Ways,
): PastFlows | null {
  if (amount?.since === undefined) return null;
  const ago = scope.marks.filter(({ phrase }) => phrase?.as === "ago");
  const when = ask?.marks.find(
    ({ phrase }) => phrase?.kind === "when" && phrase.as !== "now" && phrase.as !== "ago",
  );
  const at = when === undefined ? "P0D" : momentOf(when);
  if (at === null || ago.length !== 1) return null;
  return {
    flows: [
      {
        id: "before",
        kind: "single",
        direction: first,
        amount: amount.amount,
        at: `-${amount.since}`,
      },
      { id: "now", kind: "single", direction: second, amount: null, at },
    ],
    uses: [
      ...amountUses(amount, "before"),
      ...usesOf(ago, "time", { flow: "before", field: "when" }),
      ...(when === undefined ? [] : usesOf([when], "time", { flow: "now", field: "when" })),
    ],
  };
}
