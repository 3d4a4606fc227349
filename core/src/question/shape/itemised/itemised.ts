import type { Flow, KnownPosition } from "../../../engine/problem/schema";
import { factsIn, type Facts } from "../../facts/facts";
import { Scope } from "../../facts/scope";
import { complete, lacking, problemOf, usesOf, type Choices, type Shape, type Use } from "../shape";
import { calendarSaid } from "./calendar";
import { interestOf } from "./interest";
import { directionOf, HEAD, type Item, type ItemRead } from "./item";
import { momentSaid, whenIn } from "./moment";
import { cutOpenGrowth, paymentsOf } from "./payments";
import { singlesOf } from "./singles";

/*
 * A timeline that is told item by item, each with the way its money goes: "Money in: £5,000 today. Money out: £140 at the
 * end of each month for 40 months. Interest: 6% a year, compounded monthly. Find …". What is to be found is called
 * unknown. Any problem can be told so: see `say/`.
 */

/** Whether a text is told item by item. */
export function isItemised(scope: Scope): boolean {
  return scope.sentences().some((sentence) => directionOf(sentence) !== null);
}

/** A question that is told item by item; `null` where it is not. */
export function itemised({ scope, currency }: Facts, choices: Choices): Shape | null {
  if (!isItemised(scope)) return null;
  const rates = interestOf(scope, choices);
  const calendar = calendarSaid(scope);
  const value = valueAsked(scope);
  const flows: Flow[] = [];
  const uses: Use[] = [...(rates?.uses ?? []), ...calendar.uses, ...(value?.uses ?? [])];
  const assumptions = [...(rates?.assumptions ?? [])];
  const missing = rates === null ? (["rate"] as Shape["missing"][number][]) : [];
  for (const sentence of scope.sentences()) {
    const direction = directionOf(sentence);
    if (direction === null) continue;
    const read = itemRead({ direction, marks: sentence.slice(HEAD), before: flows }, choices);
    flows.push(...read.flows);
    uses.push(...read.uses);
    assumptions.push(...read.assumptions);
    missing.push(...read.missing);
  }
  if (rates === null || missing.length > 0) return lacking([...new Set(missing)], { uses });
  const problem = problemOf({
    rates: rates.rates,
    flows,
    ...(value === null ? {} : { ask: { find: "value", at: value.at } }),
    currency,
  });
  return complete({ ...problem, ...calendar.said }, uses, assumptions);
}

function itemRead(item: Item, choices: Choices): ItemRead {
  const { told, growth } = cutOpenGrowth(item.marks);
  const scope = new Scope(told);
  const [stream] = factsIn(scope).streams;
  return stream === undefined
    ? singlesOf(item, scope)
    : paymentsOf(item, scope, stream, growth, choices);
}

/** "Find the net value in 2 years": nothing is unknown but that. */
function valueAsked({ marks }: Scope): { at: KnownPosition; uses: readonly Use[] } | null {
  const place = marks.findIndex(
    ({ word }, at) =>
      word === "find" && marks.slice(at, at + 4).some(({ word: noun }) => noun === "value"),
  );
  const when = place === -1 ? undefined : whenIn(marks.slice(place));
  const at = when === undefined ? null : momentSaid(when);
  return when === undefined || at === null ? null : { at, uses: usesOf([when], "asked") };
}
