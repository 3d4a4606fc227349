import { lineOf } from "../compose/sheet";
import {
  minus,
  of,
  product,
  readableSum,
  type Expression,
  type Quantity,
  type SignedTerm,
} from "../mathematics/expression";
import type { Step } from "../step";
import { foundStep, step } from "../steps";
import { balanceAt } from "./balance";
import type { ComposedFlow } from "../compose/composition";
import { rateOfOnePeriod } from "./one-period";
import { paymentsIn } from "./parts";
import type { Story } from "./story";
import { totalOf, type Span } from "./totals";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.followUp;

/** Principal: the fall in the balance after one date and up to another. */
export function principalOver(story: Story, span: Span): Step[] {
  const short = principalOfPeriod(story, span);
  if (short !== null) return short;
  const { steps, before, after } = balancesAround(story, span);
  const { sheet } = story.composition;
  const fallen = sheet.work(sheet.letter("P"), "money", minus(of(before), of(after)));
  return [...steps, lastStep(fallen, WORDS.principal)];
}

/** Interest: the change in the balance that no payment caused. */
export function interestOver(story: Story, span: Span): Step[] {
  const ofPeriod = interestOfPeriod(story, span);
  if (ofPeriod !== null) return ofPeriod.steps;
  const { steps, before, after } = balancesAround(story, span);
  const { sheet } = story.composition;
  const { value: sides, conversions } = sheet.record(() => ({
    down: sidesIn(story, -story.side as 1 | -1, span),
    up: sidesIn(story, story.side, span),
  }));
  const { down, up } = sides;
  const risen = minus(of(after), of(before));
  if (down.length === 0 && up.length === 0) {
    const grown = sheet.work(sheet.letter("I"), "money", risen);
    return [...steps, lastStep(grown, WORDS.onlyInterest)];
  }
  const isUpAlone = down.length === 0;
  const [lowers, raises] = story.side > 0 ? ["repaid", "received"] : ["withdrawn", "deposited"];
  const moved = sheet.work(
    sheet.letter("M"),
    "money",
    readableSum(isUpAlone ? up : [...down, ...up.map(turned)], "C"),
  );
  const interest = sheet.work(
    sheet.letter("I"),
    "money",
    isUpAlone ? minus(risen, of(moved)) : minus(of(moved), minus(of(before), of(after))),
  );
  const say = isUpAlone
    ? WORDS.total(raises)
    : up.length > 0
      ? WORDS.totalLess(lowers, raises)
      : WORDS.total(lowers);
  return [
    ...steps,
    ...conversions,
    { ...step("term", "short", say, lineOf(moved)), value: moved.value },
    lastStep(interest, isUpAlone ? WORDS.interestOfRise(raises) : WORDS.interestOfFall(lowers)),
  ];
}

interface Interest {
  readonly steps: Step[];
  readonly found: Quantity;
}

/** I = B·i; `null` for a span that is no single period. */
function interestOfPeriod(story: Story, span: Span): Interest | null {
  const rate = rateOfOnePeriod(story, span);
  if (rate === null) return null;
  const { sheet } = story.composition;
  const before = balanceAt(story, span.from);
  const found = sheet.work(sheet.letter("I"), "money", product(of(before.found), of(rate)));
  return { found, steps: [...before.steps, lastStep(found, WORDS.interestOfPeriod)] };
}

/** P = PMT − I, where one payment is made in the period. */
function principalOfPeriod(story: Story, span: Span): Step[] | null {
  if (rateOfOnePeriod(story, span) === null) return null;
  const { value: payments, conversions } = story.composition.sheet.record(() =>
    paymentsAtEnd(story, span),
  );
  const [payment, ...others] = payments;
  if (payment === undefined || others.length > 0) return null;
  const interest = interestOfPeriod(story, span);
  if (interest === null) return null;
  const { sheet } = story.composition;
  const principal = sheet.work(sheet.letter("P"), "money", minus(payment, of(interest.found)));
  const isRepaid = story.side > 0;
  return [
    ...conversions,
    ...interest.steps,
    lastStep(principal, WORDS.paymentLessInterest(isRepaid)),
  ];
}

/** What is paid at the end of a period towards the balance; nothing, if money is added to it too. */
function paymentsAtEnd(story: Story, span: Span): Expression[] {
  const { flows } = story.composition;
  const paid = (sign: number) => flows.flatMap((flow) => paidAtEnd(story, flow, sign, span) ?? []);
  return paid(story.side).length > 0 ? [] : paid(-story.side);
}

/** A level payment by its own letter, because there is one of it. */
function paidAtEnd(story: Story, flow: ComposedFlow, sign: number, span: Span): Expression | null {
  const { index, growth, size } = flow;
  if (flow.kind !== "stream" || growth !== null || size === null)
    return totalOf(story, index, sign as 1 | -1, span);
  const count = paymentsIn(flow.settled, span.to) - paymentsIn(flow.settled, span.from);
  return count > 0 && Math.sign(flow.settled.amount) === sign ? of(size) : null;
}

/** The cash flows of one direction in a span. */
function sidesIn(story: Story, sign: 1 | -1, span: Span): SignedTerm[] {
  return story.composition.flows.flatMap((_, index): SignedTerm[] => {
    const total = totalOf(story, index, sign, span);
    return total === null ? [] : [{ sign: 1, of: total }];
  });
}

function turned({ of: term }: SignedTerm): SignedTerm {
  return { sign: -1, of: term };
}

interface Around {
  readonly steps: readonly Step[];
  readonly before: Quantity;
  readonly after: Quantity;
}

function balancesAround(story: Story, { from, to }: Span): Around {
  const [before, after] = [balanceAt(story, from), balanceAt(story, to)];
  return {
    before: before.found,
    after: after.found,
    steps: [...before.steps, ...after.steps],
  };
}

function lastStep(found: Quantity, say: string): Step {
  return foundStep(say, found, lineOf(found));
}
