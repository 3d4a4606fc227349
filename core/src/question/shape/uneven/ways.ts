import type { AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { isMoney, until, wordsOf } from "../../facts/scope";
import type { Mark } from "../../marks/mark";

export type Way = "in" | "out";

export const OWED =
  /^(?:owes|owe|owed|owing|borrows|borrowed|borrow|lends|lent|loan|debt|debts|due|obligation|obligations|instead|paying)$/;

const OFFERED =
  /^(?:offers?|replace|replaces|replaced|repaid|repays|repay|pays|paid|payment|payments|settle|settles|proposes?|clear|cleared|rest|give|gives|agrees?|by)$/;

const SPENT =
  /^(?:costs?|cost|outlay|buy|buys|bought|price|needs?|requires?|puts?|invests?|invested|investment|deposits?|deposited|saves?|spend|spends|spent|paid|pays|paying|payable|outflow)$/;

const GOT =
  /^(?:receive|receives|received|receipt|brings?|bring|gets?|getting|receiving|inflow|inflows|returns?|saves|saving|savings|sold|sale|resale|sells?|net|royalties|income|pays|earn)$/;

const COSTS = /^(?:costs?|costing|needs?|needing|requires?|requiring|spends?|spent|spending)$/;

/** Of a debt: what is owed or lent is money in, and what settles it money out. */
export function owedWay({ scope }: Facts, amount: AmountFact, index: number): Way {
  const before = scope.before(amount.mark, 12);
  const sentence = wordsOf(scope.sentence(amount.mark));
  const isFallingDue = / (?:fall|falls|falling|are|is|become|becomes) due /.test(sentence);
  const behind = scope
    .after(amount.mark, 2)
    .find(({ word }) => !/^(?:is|are|was|were)$/.test(word));
  if (/^(?:lent|borrowed|owed)$/.test(behind?.word ?? "")) return "in";
  const isRepaid = /^(?:repaid|returned)$/.test(behind?.word ?? "");
  // "A loan of £900 is repaid with …" is got.
  const isBy = scope.after(amount.mark, 3).some(({ word }) => /^(?:with|by)$/.test(word));
  if (isRepaid && !isBy) return "out";
  if (isFallingDue && !before.some(({ word }) => OFFERED.test(word) && !/^payments?$/.test(word)))
    return "in";
  // "She must pay £2,000 today" is what is owed.
  const isDue = (at: number) =>
    /^(?:must|shall)$/.test(before[at + 1]?.word ?? "") ||
    (before[at + 1]?.word === "to" &&
      /^(?:has|have|had|is|are|was|were|due)$/.test(before[at + 2]?.word ?? ""));
  const owed = before.findIndex(({ word }, at) => OWED.test(word) || (word === "pay" && isDue(at)));
  const offered = before.findIndex(
    ({ word }, at) => OFFERED.test(word) && !(word === "pay" && isDue(at)),
  );
  if (owed === -1 && offered === -1) return index === 0 ? "in" : "out";
  if (offered === -1) return "in";
  return owed !== -1 && owed < offered ? "in" : "out";
}

/** "What must be added to an account that holds £40,000?": what is there is put in. */
export function isThere(scope: Facts["scope"], { at, mark }: AmountFact): boolean {
  return at === "P0D" && /^(?:holds?|has|contains?)$/.test(scope.before(mark, 1)[0]?.word ?? "");
}

/** Whether an amount of a project is spent or got, by the words beside it. */
export function wayOf({ scope, ask }: Facts, amount: AmountFact, index: number): Way {
  if (amount.amount < 0) return "out";
  const words = scope.words;
  const before = scope.before(amount.mark, 10);
  const behind = scope.after(amount.mark, 4);
  const spent = before.findIndex(({ word }) => SPENT.test(word));
  // The rate of return is no money that is got.
  const got = before.findIndex(
    ({ word }, at) => GOT.test(word) && !(word === "return" && before[at + 1]?.word === "of"),
  );
  if (isThere(scope, amount) && ask?.kind === "start") return "out";
  const isPaidOut = behind.some(
    ({ word }, at) => word === "paid" && behind[at + 1]?.word === "out",
  );
  if (isPaidOut) return "out";
  // "Needs $50,000 now and $20,000 in one year": what is joined goes the same way.
  const joined = joinedBefore(scope, amount.mark);
  if (joined !== null && amount.at !== "end" && isSpentOn(scope, joined)) return "out";
  if (behind.slice(0, 2).some(({ word }) => /^(?:received|receipt|inflow)$/.test(word)))
    return "in";
  if (
    ask?.kind === "future" &&
    / (?:saved|saves|deposited|deposits|account|pays in|paid in|invested|invests|puts? (?:aside|away|by)|sets? aside) /.test(
      words,
    )
  )
    return "out";
  if (spent === -1 && got === -1) {
    const isFirst =
      index === 0 && (amount.at === "P0D" || (amount.at === null && ask?.kind === "net-value"));
    // "Can be paid for with €500 now, €700 in one year": all are part of what a price is worth.
    return isFirst && ask?.kind !== "start" ? "out" : "in";
  }
  if (got === -1)
    return index === 0 || amount.at === "P0D" || ask?.kind === "future" ? "out" : "in";
  // "An investor pays £30,000 for …": who pays first gets what comes later.
  const isFirst = index === 0 && spent === got;
  return spent !== -1 && (spent < got || isFirst) ? "out" : "in";
}

/** The amount before, with nothing but its time and "and" between the two. */
function joinedBefore(scope: Facts["scope"], mark: Mark): Mark | null {
  const before = scope.before(mark, 4);
  const at = before.findIndex(isMoney);
  const between = before.slice(0, Math.max(at, 0));
  const isJoined =
    between.some(({ word, phrase }) => phrase === undefined && /^(?:and|,)$/.test(word)) &&
    between.every(
      ({ word, phrase }) => phrase !== undefined || /^(?:and|,|a|another|further|also)$/.test(word),
    );
  return at !== -1 && isJoined ? (before[at] ?? null) : null;
}

/** Whether the nearest word before an amount says that it is spent. */
function isSpentOn(scope: Facts["scope"], mark: Mark): boolean {
  const verb = until(scope.before(mark, 10), ({ word }) => word === ";").find(
    ({ word }) =>
      COSTS.test(word) || GOT.test(word) || /^(?:save|yields?|expects?|expected)$/.test(word),
  );
  return verb !== undefined && COSTS.test(verb.word);
}
