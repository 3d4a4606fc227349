import { amountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { appraisal } from "./appraisal";
import { bond } from "./bond";
import { withDaysOfYear } from "./days-of-year";
import { changedAmount } from "./from-to";
import { givens } from "./givens";
import { itemised } from "./itemised/itemised";
import { lump } from "./lump";
import { interestOf } from "./rates";
import { lacking, type Choices, type Shape } from "./shape";
import { listed } from "./tables";
import { uneven } from "./uneven/uneven";
import { withStreams } from "./with-streams";

/** The problem that the facts make. */
export function shapeOf(facts: Facts, choices: Choices): Shape {
  return withDaysOfYear(facts.scope, plainShape(facts, choices));
}

/** "With prices rising 3% a year, what will a weekly shop that costs £70 today cost in 5 years?" asks of a price. */
function laterPrice(facts: Facts): Facts | null {
  const { streams, percents, amounts, ask } = facts;
  const [price] = amounts;
  const isUntold = streams.every(
    ({ amount, count, term, isOpen }) =>
      amount === null && count === null && term === null && !isOpen,
  );
  const isOfPrices = percents.length > 0 && percents.every(({ use }) => use === "inflation");
  const isNow = amounts.length === 1 && price?.role === "price" && price.at === "P0D";
  return ask?.kind === "future" && isUntold && isOfPrices && isNow
    ? { ...facts, streams: [] }
    : null;
}

/** "My rent of £850 a month goes up by 4% a year: what will it be?" asks of one payment, not of all. */
function withoutPayments(facts: Facts): Facts | null {
  const { streams, percents, scope, ask } = facts;
  const [only] = streams;
  const priced = laterPrice(facts);
  if (priced !== null) return priced;
  const isOne = streams.length === 1 && only?.count === null && only.term === null;
  const isGrown =
    percents.length > 0 &&
    percents.every(({ use, percent }) => /^(?:growth|inflation)$/.test(use) && percent !== null);
  const isAsked = ask !== null && ["future", "amount", "time", "present"].includes(ask.kind);
  // Who pays in every year asks for more than one payment.
  const isSaved = only?.role === "deposit";
  if (!isOne || !isGrown || !isAsked || isSaved || only.amountMark === null) return null;
  const amount = amountFact(scope, only.amountMark, new Set());
  const at = ask.kind === "present" ? amount.at : "P0D";
  return { ...facts, streams: [], amounts: [...facts.amounts, { ...amount, at }] };
}

function plainShape(facts: Facts, choices: Choices): Shape {
  const list = itemised(facts, choices) ?? givens(facts, choices);
  if (list !== null) return list;
  if (facts.ask === null) return lacking(["question"]);
  const changed = changedAmount(facts);
  if (changed !== null) return lump(changed, choices);
  const special =
    bond(facts, choices) ??
    listed(facts, choices) ??
    uneven(facts, choices) ??
    appraisal(facts, choices);
  if (special !== null) return special;
  const isBuyingPower =
    facts.ask.kind === "present" &&
    interestOf(facts).every(({ use }) => use === "inflation") &&
    facts.percents.length > 0;
  if (isBuyingPower && facts.amounts.length > 0) return lump(facts, choices);
  const alone = withoutPayments(facts);
  if (alone !== null) return lump(alone, choices);
  return facts.streams.length > 0 ? withStreams(facts, choices) : lump(facts, choices);
}
