import type { Flow } from "../../../engine/problem/schema";
import type { AmountFact } from "../../facts/amounts";
import type { Facts } from "../../facts/facts";
import { timesSpan } from "../../marks/span";
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
import { wayOf } from "./ways";

/** "On 1 March 2021 … on 1 March 2026" are five years, unless days are counted. */
export function wholeYearsApart(
  { scope }: Facts,
  amounts: readonly AmountFact[],
): AmountFact[] | null {
  const days = amounts.map(({ on }) => on ?? "");
  const [first = ""] = [...days].sort();
  const isSameDay = days.every((day) => day.slice(4) === first.slice(4) && day !== "");
  if (!isSameDay || / (?:actual|counting|365-day|days) /.test(scope.words)) return null;
  return amounts.map((amount) => {
    const years = Number(amount.on?.slice(0, 4)) - Number(first.slice(0, 4));
    return { ...amount, at: timesSpan(years, "P1Y"), on: null };
  });
}

/** Amounts on days of the calendar, which are counted as they are. */
export function datedOf(facts: Facts, amounts: readonly AmountFact[], choices: Choices): Shape {
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
