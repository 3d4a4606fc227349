import type { FlowOf } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { periodsIn } from "../marks/span";
import { quotationOf } from "../shape/quotations";
import { type Choices, type Shape, usesOf } from "../shape/shape";
import { drawn } from "./drawn";
import { frame, type Made, paymentPart } from "./made";
import type { PartRead } from "./part";
import { renewed } from "./renewed";

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
  read: PartRead[],
  choices: Choices,
): PartRead | null {
  const made =
    renewed(own, read, choices) ??
    soldBond(own, read, choices) ??
    sameRate(own, read, choices) ??
    trueRate(own, read, choices) ??
    otherRhythm(own, read) ??
    drawn(own, read, choices);
  if (made === null) return null;
  const { uses, assumptions = [] } = made;
  const shape: Shape = { problem: null, uses, assumptions, missing: [] };
  return { label, shape, facts, follow: null, linked: made.linked };
}

/** "At what effective rate has it been invested?": the rate that gives the answer of the part before. */
function sameRate(own: Facts, read: readonly PartRead[], choices: Choices): Made | null {
  const { ask, percents, amounts, streams } = own;
  const isPlain = percents.length === 0 && amounts.length === 0 && streams.length === 0;
  const isQuoted = ask?.quoting.as !== undefined || ask?.quoting.compounding !== undefined;
  if (ask?.kind !== "rate" || !isPlain || !isQuoted) return null;
  for (const { label, follow, shape } of read) {
    const found = shape.problem?.flows.find(
      (flow) => flow.kind === "single" && flow.amount === null && flow.at !== "P0D",
    );
    if (shape.problem === null || label === null || follow !== null || found === undefined)
      continue;
    const { quotation } = quotationOf(ask.quoting, null, null, choices);
    const flows = shape.problem.flows.map((flow) =>
      flow === found ? { ...flow, amount: { answerOf: label } } : flow,
    );
    return {
      uses: [],
      linked: { ...frame(shape.problem, [{ percent: null, ...quotation }]), flows },
    };
  }
  return null;
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
