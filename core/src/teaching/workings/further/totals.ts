import type { ComposedFlow } from "../compose/composition";
import { flowField } from "../../../engine/fields/field-ref";
import { expandFlow } from "../../../engine/flows/flow-kinds";
import type { SettledFlow } from "../../../engine/flows/flow-kind";
import { NO_GROWTH } from "../../../engine/rates/accumulation";
import { evaluate } from "../mathematics/evaluate";
import {
  factorOf,
  minus,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  readableSum,
  type Expression,
  type Quantity,
  type SignedTerm,
} from "../mathematics/expression";
import { growthFactor, levelFuture } from "../mathematics/factors";
import { paymentsIn, upTo } from "./parts";
import type { Story } from "./story";
import { isBefore, isUpTo } from "../../../engine/numbers/compare";

type Stream = Extract<SettledFlow, { kind: "stream" }>;

/** After one time and up to and including another. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export const ALWAYS: Span = {
  from: Number.NEGATIVE_INFINITY,
  to: Number.POSITIVE_INFINITY,
};

/**
 * The undiscounted sum of one flow in a span: with +1 of the money in, with −1 of the money out. `null` if there
 * is none.
 */
export function totalOf(story: Story, index: number, sign: 1 | -1, span: Span): Expression | null {
  const { composition } = story;
  const flow = composition.flows[index];
  if (flow === undefined) return null;
  if (flow.kind === "single") {
    const { settled, size } = flow;
    const isIn = isBefore(span.from, settled.at) && isUpTo(settled.at, span.to);
    return isIn && Math.sign(settled.amount) === sign && size !== null ? of(size) : null;
  }
  const short = flow.kind === "stream" ? totalOfStream(story, flow, sign, span) : undefined;
  return short === undefined ? oneByOne(story, index, sign, span) : short;
}

/** @returns `undefined` if the payments have no short formula */
function totalOfStream(
  story: Story,
  { index, settled: flow, size, growth }: ComposedFlow<"stream">,
  sign: 1 | -1,
  span: Span,
): Expression | null | undefined {
  if (size === null) return undefined;
  if (flow.count === Number.POSITIVE_INFINITY && span.to === Number.POSITIVE_INFINITY) {
    return Math.sign(flow.amount) === sign ? totalForever(flow, of(size), growth) : null;
  }
  const counts = countsIn(story, index, flow, span);
  if (counts === null) return null;
  const { count, before } = counts;
  if (flow.growth === null) {
    return Math.sign(flow.amount) === sign ? product(count, of(size)) : null;
  }
  const isEach = flow.growth.steps === 1 && flow.growth.payments === 1;
  if (!isEach || growth === null) return undefined;
  if (flow.growth.by === "percent") {
    const grown = before === null ? ONE : factorOf(growthFactor, of(growth), before);
    return Math.sign(flow.amount) === sign
      ? product(of(size), grown, factorOf(levelFuture, of(growth), count))
      : null;
  }
  const stepsBefore = before === null ? 0 : evaluate(before);
  const payments = evaluate(count);
  const first = flow.amount + flow.growth.figure * stepsBefore;
  const last = first + flow.growth.figure * (payments - 1);
  const isOneSided = Math.sign(last) === sign && Math.sign(first) === sign;
  if (!isOneSided || !Number.isInteger(payments)) return undefined;
  const start = before === null ? of(size) : plus(of(size), product(before, of(growth)));
  const steps = quotient(product(count, minus(count, ONE)), number(2));
  return plus(product(count, start), product(of(growth), steps));
}

/** A perpetuity has a sum if its payments fall by a constant percentage. */
function totalForever(
  { growth, amount }: Stream,
  size: Expression,
  rate: Quantity | null,
): Expression | null {
  if (growth === null || rate === null) return null;
  if (growth.by === "amount") {
    if (growth.figure * amount >= 0 || growth.steps !== 1) return null;
    // They fall until the next would change sign.
    const levels = number(Math.ceil(-amount / growth.figure));
    const steps = quotient(product(levels, minus(levels, ONE)), number(2));
    const once = plus(product(levels, size), product(of(rate), steps));
    return product(number(growth.payments), once);
  }
  if (growth.figure >= 0) return null;
  // The pattern repeats for ever, each time all its steps smaller.
  const grown = (steps: number) =>
    steps === 0 ? ONE : factorOf(growthFactor, of(rate), number(steps));
  const places = Array.from({ length: growth.payments }, (_, place) =>
    Math.floor((place * growth.steps) / growth.payments),
  );
  const pattern = places.every((steps) => steps === 0)
    ? number(growth.payments)
    : readableSum(
        places.map((steps) => ({ sign: 1, of: grown(steps) })),
        "C",
      );
  return product(size, quotient(pattern, minus(ONE, grown(growth.steps))));
}

interface Counts {
  readonly count: Expression;
  /** Payments before the span; `null` if there are none. */
  readonly before: Expression | null;
}

/** The number of payments in a span, by the letters of those made by its ends; `null` for none. */
function countsIn(story: Story, index: number, flow: Stream, { from, to }: Span): Counts | null {
  const [before, by] = [paymentsIn(flow, from), paymentsIn(flow, to)];
  if (by <= before) return null;
  const counted = (years: number) => of(countBy(story, index, years));
  if (before === 0) return { count: counted(to), before: null };
  return { count: minus(counted(to), counted(from)), before: counted(from) };
}

function countBy(story: Story, index: number, years: number): Quantity {
  const count = upTo(story, years).composition.flows[index]?.count ?? null;
  if (count === null) throw new TypeError("Payments that are counted have a count");
  return count;
}

/** Every payment of the timeline; equal ones together. */
function oneByOne(
  story: Story,
  index: number,
  sign: 1 | -1,
  { from, to }: Span,
): Expression | null {
  const { sheet } = story.composition;
  // A perpetuity ends with the span.
  const { composition, has } = upTo(story, to);
  const flow = composition.flows[index];
  if (flow === undefined || !has(flow)) return null;
  const alike: { readonly amount: number; count: number }[] = [];
  for (const { amount, at } of expandFlow(flow.settled, NO_GROWTH)) {
    const isIn = isBefore(from, at) && isUpTo(at, to);
    if (!isIn || Math.sign(amount) !== sign) continue;
    const last = alike.at(-1);
    if (last?.amount === amount) last.count += 1;
    else alike.push({ amount, count: 1 });
  }
  const terms = alike.map(({ amount, count }): SignedTerm => {
    const size = sheet.given(null, "money", Math.abs(amount), flowField(index, "amount"));
    return { sign: 1, of: product(number(count), of(size)) };
  });
  return terms.length === 0 ? null : readableSum(terms, "C");
}
