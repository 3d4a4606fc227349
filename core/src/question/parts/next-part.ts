import type { FlowOf, Problem, Rate } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { addSpans, periodsIn, timesSpan, yearsIn } from "../marks/span";
import { quotationOf, rateOf } from "../shape/quotations";
import { type Choices, type Shape, type Use, usesOf } from "../shape/shape";
import type { PartRead } from "./part";

type Linked = Readonly<Record<string, unknown>>;

/**
 * A part that goes on from the answers of earlier ones: a loan renewed at another rate, the rate that a fee makes of
 * it, a payment that is paid in another rhythm.
 *
 * @param own what the part itself tells
 * @param facts the same with what stands before all parts
 * @returns `null` where it does not go on from them
 */
export function nextPart(
  label: string,
  own: Facts,
  facts: Facts,
  read: readonly PartRead[],
  choices: Choices,
): PartRead | null {
  const made =
    renewed(own, read, choices) ??
    soldBond(own, read, choices) ??
    trueRate(own, read, choices) ??
    otherRhythm(own, read);
  if (made === null) return null;
  const shape: Shape = { problem: null, uses: made.uses, assumptions: [], missing: [] };
  return { label, shape, facts, follow: null, linked: made.linked };
}

interface Made {
  readonly linked: Linked;
  readonly uses: readonly Use[];
}

interface Base {
  readonly label: string;
  readonly problem: Problem;
  readonly stream: FlowOf<"stream">;
}

/** The earlier part that found a payment. */
function paymentPart(read: readonly PartRead[]): Base | null {
  for (const { label, shape } of read) {
    const stream = shape.problem?.flows.find(
      (flow): flow is FlowOf<"stream"> => flow.kind === "stream" && flow.amount === null,
    );
    if (label !== null && shape.problem !== null && stream !== undefined)
      return { label, problem: shape.problem, stream };
  }
  return null;
}

/** Words of another rate from some time on. */
export const CHANGES_RATE =
  / (?:renew|renewed|renews|renewal|refinance|refinances|refinanced|remortgages?|new rate|rate (?:rises|falls|changes|is changed|goes|becomes|is raised|is cut|is reduced|drops|increases|climbs|jumps)|(?:raises|cuts|changes|lowers|reduces|increases|puts up) (?:the|its|his|her|their) (?:\S+ )?rate|at that point|from then on|then on) /;

/** "At that point the rate is renewed at 4.95%: what is the new payment?" */
function renewed(own: Facts, read: readonly PartRead[], choices: Choices): Made | null {
  const base = paymentPart(read);
  const rate = own.percents.find(({ use }) => use === "rate");
  const isRenewal = CHANGES_RATE.test(own.scope.words);
  if (base === null || rate === undefined || !isRenewal || own.ask?.kind === "rate") return null;
  const balance = base.problem.also?.findIndex(({ find }) => find === "balance") ?? -1;
  const follow = base.problem.also?.[balance];
  const { count, every } = base.stream;
  if (follow?.find !== "balance" || typeof follow.at !== "string" || typeof count !== "number")
    return null;
  const left = periodsIn(addSpans(timesSpan(count, every), follow.at, -1), every);
  const told = own.scope.marks.find(
    ({ phrase }) => phrase?.kind === "lasting" && phrase.as === "whole",
  )?.phrase?.iso;
  const payments = told === undefined || yearsIn(told) === 0 ? left : periodsIn(told, every);
  const { rate: written, uses } = rateOf(rate, 0, every, choices);
  return {
    uses,
    linked: {
      ...frame(base.problem, [written]),
      flows: [
        {
          id: "owed",
          kind: "single",
          direction: "in",
          amount: { answerOf: base.label, also: balance },
          at: "P0D",
        },
        {
          id: "payments",
          kind: "stream",
          direction: "out",
          amount: null,
          every,
          count: payments,
          timing: base.stream.timing,
          begins: "P0D",
        },
      ],
    },
  };
}

/** "The lender keeps back a fee of £450: what rate is the borrower really paying?" */
function trueRate(own: Facts, read: readonly PartRead[], choices: Choices): Made | null {
  const base = paymentPart(read);
  const [fee] = own.amounts;
  if (base === null || fee === undefined || own.ask?.kind !== "rate") return null;
  const { quotation } = quotationOf(
    own.ask.quoting.as === undefined && own.ask.quoting.per === undefined
      ? { as: "nominal", ...own.ask.quoting }
      : own.ask.quoting,
    null,
    base.stream.every,
    choices,
  );
  const isRounded = read.some(
    ({ label, facts }) =>
      label === base.label && / nearest (?:penny|cent|pence|paisa) /.test(facts.scope.words),
  );
  const payment = { answerOf: base.label, ...(isRounded ? { rounded: 2 } : {}) };
  const flows = base.problem.flows.map((flow) =>
    flow.id === base.stream.id ? { ...flow, amount: payment } : flow,
  );
  const deducted = { id: "fee", kind: "single", direction: "out", amount: fee.amount, at: "P0D" };
  return {
    uses: usesOf(fee.marks, "amount", { flow: "fee", field: "amount" }),
    linked: {
      ...frame(base.problem, [{ percent: null, ...quotation }]),
      flows: [...flows, deducted],
    },
  };
}

/** "Four years later she sells the bond for $985: what yield did she obtain?" */
function soldBond(own: Facts, read: readonly PartRead[], choices: Choices): Made | null {
  const [first] = read;
  const coupons = first?.shape.problem?.flows.find(
    (flow): flow is FlowOf<"stream"> => flow.id === "coupons" && flow.kind === "stream",
  );
  const [sale] = own.amounts;
  const held = own.scope.marks.find(({ phrase }) => phrase?.kind === "when" && phrase.as === "at");
  const problem = first?.shape.problem;
  if (
    first === undefined ||
    first.label === null ||
    coupons === undefined ||
    problem === null ||
    problem === undefined
  )
    return null;
  if (sale === undefined || held?.phrase?.iso === undefined || own.ask?.kind !== "rate")
    return null;
  const { quotation } = quotationOf(own.ask.quoting, null, coupons.every, choices);
  return {
    uses: [
      ...usesOf([sale.mark], "amount"),
      ...usesOf([...sale.marks.filter((mark) => mark !== sale.mark), held], "time"),
    ],
    linked: {
      ...frame(problem, [{ percent: null, ...quotation }]),
      flows: [
        {
          id: "price",
          kind: "single",
          direction: "out",
          amount: { answerOf: first.label },
          at: "P0D",
        },
        { ...coupons, count: periodsIn(held.phrase.iso, coupons.every) },
        {
          id: "sale",
          kind: "single",
          direction: "in",
          amount: sale.amount,
          at: { endOf: "coupons" },
        },
      ],
    },
  };
}

const PARTS: readonly (readonly [RegExp, number])[] = [
  [/ half (?:that|this|the|of) /, 0.5],
  [/ a quarter of (?:that|this|the) /, 0.25],
  [/ twice (?:that|this|the) /, 2],
  [/ (?:double|doubles) (?:that|this|the) /, 2],
];

/** "The borrower pays half that amount every fortnight instead: how many payments clear the loan?" */
function otherRhythm(own: Facts, read: readonly PartRead[]): Made | null {
  const base = paymentPart(read);
  const words = own.scope.words;
  const part = PARTS.find(([pattern]) => pattern.test(words));
  const [stream] = own.streams;
  const asksCount = own.ask?.kind === "count" || own.ask?.kind === "time";
  if (base === null || part === undefined || !asksCount) return null;
  const every = stream?.every ?? base.stream.every;
  const flows = base.problem.flows.map((flow) =>
    flow.id === base.stream.id
      ? { ...flow, amount: { answerOf: base.label, times: part[1] }, every, count: null }
      : flow,
  );
  const uses = usesOf(stream?.marks ?? [], "payments", { flow: base.stream.id, field: "every" });
  return { uses, linked: { ...frame(base.problem, base.problem.rates), flows } };
}

function frame(problem: Problem, rates: readonly Rate[]): Record<string, unknown> {
  const { format, version, currency } = problem;
  return { format, version, ...(currency === undefined ? {} : { currency }), rates: [...rates] };
}
