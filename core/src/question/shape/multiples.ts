import type { AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { interestOf } from "./rates";
import { isMoney, isYear, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";

export const TIMES: Readonly<Record<string, number>> = {
  double: 2,
  doubles: 2,
  doubled: 2,
  doubling: 2,
  twice: 2,
  triple: 3,
  triples: 3,
  tripled: 3,
  treble: 3,
  trebles: 3,
  trebled: 3,
  quadruple: 4,
  quadruples: 4,
  quadrupled: 4,
  twofold: 2,
  threefold: 3,
  fourfold: 4,
  fivefold: 5,
  sixfold: 6,
  tenfold: 10,
  half: 0.5,
  halve: 0.5,
  halved: 0.5,
  halves: 0.5,
};

/**
 * What an amount becomes where the words tell only how many times itself ("doubles", "three times what he paid", "increased by 12%"), or
 * two numbers of what is no money ("from 120 ewes to 310 ewes"); `null` where they tell neither.
 */
export function multiplesIn(facts: Facts): [AmountFact, AmountFact] | null {
  const { scope, amounts } = facts;
  const figure = scope.marks.find(
    (mark) =>
      mark.quantity?.is === "number" &&
      /^(?:times|fold)$/.test(scope.after(mark, 1)[0]?.word ?? ""),
  );
  const word =
    figure ??
    scope.marks.find(
      (mark) =>
        TIMES[mark.word] !== undefined && mark.phrase === undefined && mark.quantity === undefined,
    );
  // "Grows by half", "half as much again".
  const isByHalf =
    word?.word === "half" &&
    (/ by (?:a )?$/.test(wordsOf([...scope.before(word, 2)].reverse())) ||
      / half (?:as much |as many )?again /.test(wordsOf([word, ...scope.after(word, 3)])));
  const times = isByHalf
    ? 1.5
    : figure?.quantity?.is === "number"
      ? figure.quantity.value
      : TIMES[word?.word ?? ""];
  if (word !== undefined && times !== undefined && amounts.length < 2) {
    const own = amounts.find(({ mark }) => mark.sentence === word.sentence);
    const base = own?.amount ?? 1;
    // "A crown buys only half": so much today is worth a whole one then.
    const isOfPrices =
      interestOf(facts).some(({ use }) => use === "inflation") ||
      (times < 1 && scope.marks.some(({ word: noun }) => noun === "inflation"));
    const [first, second] = isOfPrices ? [times * base, base] : [base, times * base];
    return [factOf(own?.mark ?? word, first), factOf(word, second)];
  }
  // "Is worth a quarter of its price": the price itself is 1.
  const share = facts.percents.find(
    ({ use, mark }) =>
      use === "share" && mark.quantity?.is === "percent" && mark.quantity.isFraction === true,
  );
  if (share?.percent !== null && share !== undefined && amounts.length === 0)
    return [factOf(share.mark, 1), factOf(share.mark, share.percent / 100)];
  const grown = facts.percents.find(
    ({ use, marks, percent }) => use === "growth" && marks.length === 1 && percent !== null,
  );
  if (grown?.percent !== null && grown !== undefined && amounts.length < 2) {
    const base = amounts[0]?.amount ?? 1;
    const later = Number((base * (1 + grown.percent / 100)).toPrecision(15));
    return [factOf(amounts[0]?.mark ?? grown.mark, base), factOf(grown.mark, later)];
  }
  // What was there before is told by its time, wherever it stands.
  const isOrdered = amounts.length > 1 && amounts.some(({ since }) => since !== undefined);
  if (isOrdered || amounts.some(({ mark }) => isMoney(mark))) return null;
  const [first, second] = scope.marks.filter(isCountOfThings);
  if (first?.quantity?.is !== "number" || second?.quantity?.is !== "number") return null;
  return [factOf(first, first.quantity.value), factOf(second, second.quantity.value)];
}

function isCountOfThings(mark: Mark): boolean {
  const { quantity } = mark;
  return quantity?.is === "number" && !quantity.isOrdinal && quantity.value >= 2 && !isYear(mark);
}

function factOf(mark: Mark, amount: number): AmountFact {
  return {
    amount,
    role: null,
    scores: new Map(),
    at: null,
    times: [],
    on: null,
    mark,
    marks: [mark],
  };
}
