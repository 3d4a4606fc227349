import { followUpIn } from "../asked/follow-up";
import type { AskKind } from "../asked/ask-kind";
import type { Facts } from "../facts/facts";
import type { Shape } from "./shape";

/** What is asked of a problem whose payment has to be found first. */
export const FOLLOW_UPS: ReadonlySet<AskKind> = new Set<AskKind>([
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
  if (
    problem === null ||
    !FOLLOW_UPS.has(facts.ask?.kind ?? "amount") ||
    isAnswerItself(facts, shape)
  )
    return shape;
  const read = followUpIn(facts, problem);
  if (read === null) return shape;
  return {
    ...shape,
    problem: { ...problem, also: [read.follow] },
    uses: [...shape.uses, ...read.uses],
    follow: 0,
  };
}

/** What is left at the end is the unknown of the problem and no follow-up. */
function isAnswerItself({ ask }: Facts, { problem }: Shape): boolean {
  const unknown = problem?.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  return ask?.kind === "balance" && unknown !== undefined;
}
