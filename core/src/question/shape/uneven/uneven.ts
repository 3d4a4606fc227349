import type { Flow, Problem } from "../../../engine/problem/schema";
import type { AskKind } from "../../asked/ask-kind";
import { isOfFirst } from "../../facts/amount-time";
import type { AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { momentOf } from "../../facts/moment";
import type { PaymentsFact } from "../../facts/payments-fact";
import type { Mark } from "../../marks/mark";
import { ratesOf } from "../rates";
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
} from "../shape";
import { byYears, type ByYears } from "./by-years";
import { datedOf, wholeYearsApart } from "./dated";
import { equalPayments, momentsOf } from "./equal-payments";
import { timedAmounts } from "./timed-amounts";
import { isThere, OWED, owedWay, wayOf, type Way } from "./ways";

/**
 * Amounts that are told one by one, each with its own time: `null` where a question is not of these. Two or more that
 * are paid later make one, with what stands beside them.
 */
export function uneven(facts: Facts, choices: Choices): Shape | null {
  const amounts = timedAmounts(facts);
  if (amounts.filter(({ on }) => on !== null).length >= 2) {
    const yearly = wholeYearsApart(facts, amounts);
    if (yearly === null) return datedOf(facts, amounts, choices);
    const shape = unevenOf(facts, yearly, choices, []);
    const told = facts.scope.marks.filter(({ quantity }) => quantity?.is === "date");
    return { ...shape, uses: [...shape.uses, ...usesOf(told, "time")] };
  }
  const years = facts.streams.length > 0 ? null : byYears(facts, amounts);
  if (years !== null) return unevenOf(facts, years.amounts, choices, [], years.asked);
  const equal = equalPayments(facts, amounts);
  if (equal.length > 1) {
    const own = amounts.flatMap((amount, index) => {
      if (!amount.marks.some((mark) => equal.includes(mark))) return [amount];
      // Told at each of the times, it is one amount.
      const isFirst = amounts.findIndex(({ mark }) => mark === amount.mark) === index;
      return isFirst ? [{ ...amount, at: null, times: [], marks: [amount.mark] }] : [];
    });
    return unevenOf(facts, own, choices, equal);
  }
  const later = amounts.filter(({ at }) => at !== null && at !== "P0D" && at !== "end");
  const hasStream = facts.streams.some(
    ({ amount, count, term, marks }) =>
      (count !== null || term !== null || (amount === null && facts.ask?.kind === "payment")) &&
      (amount === null ||
        !marks.some((mark) => amounts.some((one) => one.mark === mark && one.at !== null))),
  );
  // Two told times make a row, unless one amount becomes the other.
  const isPair =
    facts.ask?.kind === "rate" || facts.ask?.kind === "time" || facts.ask?.kind === "count";
  const isRow =
    later.length > 1 ||
    isMoved(facts, amounts, later) ||
    (later.length === 1 && facts.ask?.kind === "net-value") ||
    (later.length === 1 && amounts.length > 1 && !isPair && amounts.every(({ at }) => at !== null));
  // Payments that are alike are a stream, however their times are told.
  const isLevel =
    new Set(later.map(({ mark }) => mark)).size === 1 && later[0]?.marks.some(isOfFirst);
  const hasGrowth = facts.streams.some(({ growth }) => growth !== null);
  if (
    !isRow ||
    isLevel === true ||
    hasStream ||
    hasGrowth ||
    facts.streams.some((stream) => isRepeated(stream, amounts))
  )
    return null;
  return unevenOf(facts, amounts, choices, []);
}

const MOVED: ReadonlySet<AskKind> = new Set<AskKind>([
  "payment",
  "future",
  "start",
  "final",
  "amount",
]);

/** "A debt is due in three years: what settles it in one year?": one amount, asked for at another time than its own. */
function isMoved(
  { ask, streams }: Facts,
  [only, second]: readonly AmountFact[],
  [later]: readonly AmountFact[],
): boolean {
  if (only === undefined || second !== undefined || later === undefined || streams.length > 0)
    return false;
  // "What is £500 worth in 10 years, or rather in 12?" has two times for one amount.
  const isDue = only.marks.some(({ plain }) => /^(?:due|payable) /.test(plain));
  if (ask?.marks.includes(only.mark) === true && !isDue) return false;
  const asked = ask?.marks.find(
    (mark) =>
      !only.marks.includes(mark) &&
      mark.phrase?.kind === "when" &&
      (mark.phrase.as === "at" || mark.phrase.as === "end-of"),
  );
  const at = asked === undefined ? null : momentOf(asked);
  return ask !== null && MOVED.has(ask.kind) && at !== null && at !== only.at;
}

/** "Payments of €250 at the end of every month": the amount stands with how often, and with no time of its own. */
function isRepeated({ amountMark, marks }: PaymentsFact, amounts: readonly AmountFact[]): boolean {
  return (
    amountMark !== null &&
    marks.some(
      (mark) =>
        mark.phrase?.kind === "timing" &&
        !isOfFirst(mark) &&
        // "€40 and €50 at the ends of the next two years".
        !amounts.some((amount) => amount.times.length > 1 && amount.marks.includes(mark)) &&
        mark.index > amountMark.index &&
        mark.index - amountMark.index <= 3,
    )
  );
}

function unevenOf(
  facts: Facts,
  amounts: readonly AmountFact[],
  choices: Choices,
  equal: readonly Mark[],
  told: ByYears["asked"] = null,
): Shape {
  const { scope, ask } = facts;
  const owes =
    ask?.kind !== "net-value" &&
    (scope.marks.some(({ word, phrase }) => phrase === undefined && OWED.test(word)) ||
      / (?:must|has to|have to|is to|are to) pay /.test(scope.words));
  const rates = ratesOf(facts, null, null, choices);
  const uses: Use[] = [...rates.uses];
  if (rates.isMissing) return lacking(["rate"], { uses });
  const flows: Flow[] = [];
  const ways = new Map<Mark, Way>();
  amounts.forEach((amount, index) => {
    // What is told in one row goes one way.
    const row = amount.times.length > 1 ? amount.marks.at(-1) : undefined;
    const own = owes ? owedWay(facts, amount, index) : wayOf(facts, amount, index);
    const direction = (row === undefined ? undefined : ways.get(row)) ?? own;
    if (row !== undefined) ways.set(row, direction);
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
    const [count, ...whens] = equal;
    const moments = whens.flatMap((mark) => momentsOf(mark).map((at) => ({ mark, at })));
    moments.forEach(({ mark, at }, index) => {
      const id = `payment${String(index + 1)}`;
      const amount = index === 0 ? null : { times: 1, of: "payment1" };
      flows.push({ id, kind: "single", direction, amount, at });
      uses.push({ mark, role: "time", target: { flow: id, field: "when" } });
    });
    uses.push(...usesOf(count === undefined ? [] : [count], "payments"));
    return shape(problemOf({ ...base, flows }));
  }
  const asked = told?.at ?? askedMoment(facts, amounts, uses);
  if (told !== null)
    uses.push({ mark: told.mark, role: "time", target: { flow: "asked", field: "when" } });
  if (ask?.kind === "net-value" || ask?.kind === "present") {
    return shape(problemOf({ ...base, flows, ask: { find: "value", at: "P0D" } }));
  }
  const direction: Way = owes
    ? "out"
    : ask?.kind === "start" && (asked === null || asked === "P0D")
      ? "out"
      : "in";
  const at = ask?.kind === "start" && asked === null ? "P0D" : (asked ?? lastOf(amounts));
  // "Can be paid for with €500 now, €700 in one year …": all that is paid is what the price is worth.
  const isPrice =
    ask?.kind === "start" && at === "P0D" && !owes && !amounts.some((one) => isThere(scope, one));
  const paid = flows.map((flow) =>
    isPrice && flow.kind === "single" ? { ...flow, direction: "in" as const } : flow,
  );
  // What several amounts are exchanged for goes the other way.
  const isAllIn =
    paid.length > 0 && paid.every((flow) => flow.kind === "single" && flow.direction === "in");
  return shape(
    problemOf({ ...base, flows: [...paid, askedFlow(at, isAllIn ? "out" : direction)] }),
  );
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
