import type { Flow, Problem } from "../../engine/problem/schema";
import { amountFact, type AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments";
import { PAYMENT_NOUN } from "../facts/rates";
import { stepOf } from "../facts/steps";
import { isMoney, wordsOf } from "../facts/scope";
import { momentOf } from "../facts/details";
import type { Mark } from "../marks/mark";
import { ratesOf } from "./rates";
import {
  amountUses,
  askedFlow,
  complete,
  lacking,
  problemOf,
  type Choices,
  type Shape,
  type Use,
  usesOf,
} from "./shape";

/**
 * Amounts that are told one by one, each with its own time: `null` where a question is not of these. Two or more that
 * are paid later make one, with what stands beside them.
 */
export function uneven(facts: Facts, choices: Choices): Shape | null {
  const amounts = timedAmounts(facts);
  if (amounts.filter(({ on }) => on !== null).length >= 2) return datedOf(facts, amounts, choices);
  const equal = equalPayments(facts, amounts);
  if (equal.length > 1) return unevenOf(facts, amounts, choices, equal);
  const later = amounts.filter(({ at }) => at !== null && at !== "P0D" && at !== "end");
  const hasStream = facts.streams.some(
    ({ amount, count, term, marks }) =>
      (count !== null || term !== null) &&
      (amount === null ||
        !marks.some((mark) => amounts.some((one) => one.mark === mark && one.at !== null))),
  );
  // Two told times make a row, unless one amount becomes the other.
  const isPair =
    facts.ask?.kind === "rate" || facts.ask?.kind === "time" || facts.ask?.kind === "count";
  const isRow =
    later.length > 1 ||
    (later.length === 1 && amounts.length > 1 && !isPair && amounts.every(({ at }) => at !== null));
  const hasGrowth = facts.streams.some(({ growth }) => growth !== null);
  if (!isRow || hasStream || hasGrowth || facts.streams.some(isRepeated)) return null;
  return unevenOf(facts, amounts, choices, []);
}

/** "Payments of €250 at the end of every month": the amount stands with how often, and with no time of its own. */
function isRepeated({ amountMark, marks }: PaymentsFact): boolean {
  return (
    amountMark !== null &&
    marks.some(
      ({ phrase, index }) =>
        phrase?.kind === "timing" && index > amountMark.index && index - amountMark.index <= 3,
    )
  );
}

/** Every amount of the scope, whatever has taken it up, with the time that stands nearest. */
function timedAmounts({ scope }: Facts): AmountFact[] {
  const marks = scope.marks.filter((mark) => isMoney(mark) && stepOf(scope, mark) === null);
  const facts = marks
    .map((mark) => amountFact(scope, mark, new Set()))
    .map((fact) =>
      fact.marks.some(({ phrase }) => phrase?.as === "ago") ? { ...fact, at: "P0D" } : fact,
    );
  return respectively(facts);
}

/** "5,500, 7,000 and 6,200 at the ends of years 1, 2 and 3", and "6,800 in each of the third, fourth and fifth". */
function respectively(amounts: readonly AmountFact[]): AmountFact[] {
  const result: AmountFact[] = [];
  for (const amount of amounts) {
    const { times } = amount;
    const run = result.slice(result.length - times.length + 1);
    const isRun =
      times.length > 1 &&
      run.length === times.length - 1 &&
      run.every(({ at, mark }) => at === null && mark.sentence === amount.mark.sentence);
    if (isRun) {
      const told = [...run, amount].map((one, index) => ({
        ...one,
        at: times[index] ?? one.at,
        marks: [one.mark, ...amount.marks.slice(1)],
      }));
      result.splice(result.length - run.length, run.length, ...told);
    } else if (times.length > 1) result.push(...times.map((at) => ({ ...amount, at })));
    else result.push(amount);
  }
  return result;
}

const OWED =
  /^(?:owes|owe|owed|owing|borrows|borrowed|borrow|lends|lent|loan|debt|debts|due|obligation|obligations|instead|paying)$/;
const OFFERED =
  /^(?:offers?|replace|replaces|replaced|repaid|repays|repay|pays|paid|payment|payments|settle|settles|proposes?|clear|cleared|rest|give|gives|agrees?|by)$/;
const SPENT =
  /^(?:costs?|cost|outlay|buy|buys|bought|price|puts?|invests?|invested|deposits?|deposited|saves?|spend|spends|spent|paid|pays|payable|outflow)$/;
const GOT =
  /^(?:receive|receives|received|receipt|brings?|bring|gets?|inflow|inflows|returns?|saves|saving|savings|sold|sale|resale|sell|net|royalties|income|pays|earn)$/;

type Way = "in" | "out";

/** "Two equal payments, one at the end of 1 year, the other at the end of 4 years." */
function equalPayments({ scope, streams }: Facts, amounts: readonly AmountFact[]): readonly Mark[] {
  const taken = new Set<Mark>(amounts.flatMap(({ marks }) => marks));
  const count = scope.marks.find(
    (mark) =>
      mark.quantity?.is === "number" &&
      !mark.quantity.isOrdinal &&
      /^(?:equal|level|identical)$/.test(scope.after(mark, 1)[0]?.word ?? "") &&
      PAYMENT_NOUN.test(scope.after(mark, 2)[1]?.word ?? ""),
  );
  if (count?.quantity?.is !== "number" || streams.length > 0) return [];
  const whens = scope
    .sentence(count)
    .filter((mark) => !taken.has(mark) && mark.phrase?.kind === "when" && mark.phrase.as !== "ago");
  return whens.length === count.quantity.value ? whens : [];
}

/** Amounts on days of the calendar, which are counted as they are. */
function datedOf(facts: Facts, amounts: readonly AmountFact[], choices: Choices): Shape {
  const { scope, ask } = facts;
  const rates = ratesOf(facts, null, null, choices);
  const dates = scope.marks
    .flatMap(({ quantity }) => (quantity?.is === "date" ? [quantity.iso] : []))
    .sort();
  const [first = "2000-01-01"] = dates;
  const uses: Use[] = [...rates.uses, ...amounts.flatMap((amount) => amountUses(amount, "dated"))];
  const told = scope.marks.filter(({ quantity }) => quantity?.is === "date");
  uses.push(...usesOf(told, "time", { flow: "dated", field: "when" }));
  if (rates.isMissing) return lacking(["rate"], { uses });
  const entries = amounts
    .map((amount, index) => ({
      on: amount.on ?? first,
      amount: wayOf(facts, amount, index) === "out" ? -Math.abs(amount.amount) : amount.amount,
    }))
    .sort((one, other) => (one.on < other.on ? -1 : 1));
  const base = { rates: rates.rates, currency: facts.currency };
  const flow: Flow = { id: "dated", kind: "dated", entries };
  const isValue = !rates.isAsked && (ask?.kind === "net-value" || ask?.kind === "present");
  const isAlone = rates.isAsked || isValue;
  const problem = problemOf({
    ...base,
    flows: isAlone ? [flow] : [flow, askedFlow(dates.at(-1) ?? first)],
    ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}),
  });
  return complete(problem, uses, rates.assumptions);
}

function unevenOf(
  facts: Facts,
  amounts: readonly AmountFact[],
  choices: Choices,
  equal: readonly Mark[],
): Shape {
  const { scope, ask } = facts;
  const owes = scope.marks.some(({ word, phrase }) => phrase === undefined && OWED.test(word));
  const rates = ratesOf(facts, null, null, choices);
  const uses: Use[] = [...rates.uses];
  if (rates.isMissing) return lacking(["rate"], { uses });
  const flows: Flow[] = [];
  amounts.forEach((amount, index) => {
    const direction = owes ? owedWay(facts, amount, index) : wayOf(facts, amount, index);
    const id = `amount${String(index + 1)}`;
    const at = amount.at === "end" ? lastOf(amounts) : (amount.at ?? "P0D");
    flows.push({ id, kind: "single", direction, amount: amount.amount, at });
    uses.push(...amountUses(amount, id));
  });
  const base = { rates: rates.rates, currency: facts.currency };
  const shape = (problem: Problem) => complete(problem, uses, rates.assumptions);
  if (rates.isAsked) return shape(problemOf({ ...base, flows }));
  if (equal.length > 0) {
    const direction: Way = owes ? "out" : "in";
    equal.forEach((mark, index) => {
      const id = `payment${String(index + 1)}`;
      const amount = index === 0 ? null : { times: 1, of: "payment1" };
      flows.push({ id, kind: "single", direction, amount, at: momentOf(mark) ?? "P0D" });
      uses.push({ mark, role: "time", target: { flow: id, field: "when" } });
    });
    return shape(problemOf({ ...base, flows }));
  }
  const asked = askedMoment(facts, amounts, uses);
  if (ask?.kind === "net-value" || ask?.kind === "present") {
    return shape(problemOf({ ...base, flows, ask: { find: "value", at: "P0D" } }));
  }
  const direction: Way = owes
    ? "out"
    : ask?.kind === "start" && (asked === null || asked === "P0D")
      ? "out"
      : "in";
  const at = ask?.kind === "start" && asked === null ? "P0D" : (asked ?? lastOf(amounts));
  return shape(problemOf({ ...base, flows: [...flows, askedFlow(at, direction)] }));
}

/** The time in the question, or of the amount that is not told: "a last sum after three and a half years". */
function askedMoment(
  { ask, scope }: Facts,
  amounts: readonly AmountFact[],
  uses: Use[],
): string | null {
  const taken = new Set<Mark>(amounts.flatMap(({ marks }) => marks));
  const isFree = (mark: Mark) =>
    !taken.has(mark) &&
    mark.phrase?.kind === "when" &&
    mark.phrase.as !== "now" &&
    mark.phrase.as !== "ago";
  const found = ask?.marks.find(isFree) ?? scope.marks.find(isFree);
  // "He would like to pay both off today": a today that no amount has.
  const isNow = scope.marks.some(
    (mark) => !taken.has(mark) && mark.phrase?.kind === "when" && mark.phrase.as === "now",
  );
  if (found === undefined) return isNow ? "P0D" : null;
  uses.push({ mark: found, role: "time", target: { flow: "asked", field: "when" } });
  return momentOf(found);
}

function lastOf(amounts: readonly AmountFact[]): string {
  return [...amounts].reverse().find(({ at }) => at !== null && at !== "end")?.at ?? "P0D";
}

/** Of a debt: what is owed or lent is money in, and what settles it money out. */
function owedWay({ scope }: Facts, amount: AmountFact, index: number): Way {
  const before = scope.before(amount.mark, 12);
  const owed = before.findIndex(({ word }) => OWED.test(word));
  const offered = before.findIndex(({ word }) => OFFERED.test(word));
  if (owed === -1 && offered === -1) return index === 0 ? "in" : "out";
  if (offered === -1) return "in";
  return owed !== -1 && owed < offered ? "in" : "out";
}

function wayOf({ scope, ask }: Facts, amount: AmountFact, index: number): Way {
  if (amount.amount < 0) return "out";
  const words = wordsOf(scope.marks);
  const before = scope.before(amount.mark, 10);
  const behind = scope.after(amount.mark, 4);
  const spent = before.findIndex(({ word }) => SPENT.test(word));
  const got = before.findIndex(({ word }) => GOT.test(word));
  const isPaidOut = behind.some(
    ({ word }, at) => word === "paid" && behind[at + 1]?.word === "out",
  );
  if (isPaidOut) return "out";
  if (behind.slice(0, 2).some(({ word }) => /^(?:received|receipt|inflow)$/.test(word)))
    return "in";
  if (ask?.kind === "future" && / (?:saves|deposits|account|pays in|invests) /.test(words))
    return "out";
  if (spent === -1 && got === -1) return index === 0 && amount.at === "P0D" ? "out" : "in";
  if (got === -1)
    return index === 0 || amount.at === "P0D" || ask?.kind === "future" ? "out" : "in";
  return spent !== -1 && spent < got ? "out" : "in";
}
