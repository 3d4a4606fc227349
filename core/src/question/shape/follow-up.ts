import { followUpIn } from "../asked/follow-up";
import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import type { TimeFact } from "../facts/times";
import type { Shape } from "./shape";

/** What is asked of a problem whose payment has to be found first. */
const FOLLOW_UPS: ReadonlySet<AskKind> = new Set<AskKind>([
  "balance",
  "interest",
  "principal",
  "total",
]);

/**
 * A question that asks for a balance, for interest or for a total, where the payment has to be found first: a follow-up
 * of that problem answers it.
 */
export function withFollowUp(facts: Facts, shape: Shape): Shape {
  const { problem } = shape;
  const isOfPart = FOLLOW_UPS.has(facts.ask?.kind ?? "amount") || isFundOnTheWay(facts, shape);
  if (problem === null || !isOfPart || isAnswerItself(facts, shape)) return shape;
  const read = followUpIn(facts, problem);
  if (read === null) return shape;
  return {
    ...shape,
    problem: { ...problem, also: [read.follow] },
    uses: [...shape.uses, ...read.uses],
    follow: 0,
  };
}

/** "How much is in the sinking fund after six years?", where the deposits have to be found first. */
function isFundOnTheWay({ ask }: Facts, { problem }: Shape): boolean {
  const isOpen = problem?.flows.some((flow) => flow.kind === "stream" && flow.amount === null);
  return (
    ask?.kind === "future" &&
    isOpen === true &&
    ask.marks.some(({ phrase }) => phrase?.kind === "when" && phrase.as === "at")
  );
}

/** "25 years … how much is owed after 7?": the time that is asked about is not how long the payments go on. */
export function timesOfPayments(
  times: readonly TimeFact[],
  { ask }: Facts,
  { amount }: PaymentsFact,
): readonly TimeFact[] {
  const told = times.filter(({ isAsked }) => !isAsked);
  const isOfPart = ask !== null && FOLLOW_UPS.has(ask.kind) && amount === null;
  return isOfPart && told.length > 0 ? told : times;
}

/** What is left at the end is the unknown of the problem and no follow-up. */
function isAnswerItself({ ask }: Facts, { problem }: Shape): boolean {
  const unknown = problem?.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  return ask?.kind === "balance" && unknown !== undefined;
}
