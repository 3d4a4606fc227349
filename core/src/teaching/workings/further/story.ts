import type { SettledFlow } from "../../../engine/flows/flow-kind";
import { valueAt } from "../../../engine/numbers/affine";
import type { Direction, Flow, KnownPosition, Problem } from "../../../engine/problem/schema";
import { openingSide } from "../../../engine/solve/follow-ups";
import { solvedFlows, type SolvedProblem } from "../../../engine/solve/solved-problem";
import { isoYears } from "../../../engine/time/moment";
import { signOf } from "../../../engine/timeline/amounts";
import { opposite, turnedRound } from "../../../engine/problem/turned-round";
import { resolvePosition } from "../../../engine/timeline/positions";
import { resolveTimeline } from "../../../engine/timeline/resolve-timeline";
import { settleFlows } from "../../../engine/timeline/settle-timeline";
import type { FlowFieldRef } from "../../../engine/fields/field-ref";
import { withNumber } from "../../../engine/fields/problem-figures";
import type { BalanceMethod } from "../../../wording/workings-style";
import { compose, LAST_PAYMENT, type Composition } from "../compose/composition";
import type { Sheet } from "../compose/sheet";
import { roundsOnTheWay } from "../mathematics/figures";
import type { Workings } from "../workings";

/** A solved problem with its answer substituted, as follow-up questions use it. */
export interface Story {
  readonly composition: Composition;
  /** The sign of the first flow: a balance in its direction is positive. */
  readonly side: 1 | -1;
  /** Whether money in and money out are worth the same at every date. */
  readonly isBalanced: boolean;
  /** The flow to which a settled one belongs; the final payment belongs to its stream. */
  readonly ownerOf: (index: number) => string;
  readonly yearsAt: (position: KnownPosition) => number;
  /** How a balance is found. */
  readonly method: BalanceMethod;
  /** The balances calculated for earlier questions, by date in years; later ones are added. */
  readonly balancesBefore: Map<number, number>;
}

/**
 * @param before the workings of the answer; a rounded amount stays rounded
 * @param sheet an empty sheet, whose ids differ from those of other workings on the page
 * @param balancesBefore shared by the questions of one problem
 */
export function storyOf(
  solved: SolvedProblem,
  before: Workings,
  sheet: Sheet,
  balancesBefore: Map<number, number>,
): Omit<Story, "method"> {
  const { account, unknown, problem } = solved;
  const isRounded = unknown.field.field === "amount" && roundsOnTheWay(sheet.rounding);
  const answer = isRounded ? Math.abs(before.result.value) : solved.answers[0].value;
  const known = withAnswer(solved, answer, isRounded);
  return {
    composition: compose(known, sheet, true),
    side: openingSide(known.settled.flows),
    // What balances at one focal date alone need not do so at another.
    isBalanced: problem.ask === undefined && known.settled.accrual === undefined,
    ownerOf: (index) => account.flows[index]?.id ?? "",
    yearsAt: (position) => valueAt(resolvePosition(problem, position), account.x),
    balancesBefore,
  };
}

/**
 * A solved problem with its answer in place of the unknown, and each amount in the direction that balances.
 *
 * @param isRounded whether the answer is another than the one found, so that what refers to it changes too
 */
function withAnswer(solved: SolvedProblem, answer: number, isRounded: boolean): SolvedProblem {
  const paid = solved.account.flows;
  const problem = withLast(answered(solved, paid, answer), paid);
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) throw new TypeError("A solved problem has a timeline");
  const resolved = timeline.value.flows;
  const { roundedPayment } = solved.facts;
  const own = solved.unknown.field.on === "flow" ? solved.unknown.field.line : null;
  const settled = (isRounded ? settleFlows(resolved, 0) : paid).map((flow, index) => ({
    ...flow,
    // With payments in whole cents the final one stands for itself.
    ...(roundedPayment !== undefined && index === own && flow.kind === "stream"
      ? { count: roundedPayment.full }
      : {}),
    // The final payment has the id of its stream.
    id: problem.flows[index]?.id ?? flow.id,
  }));
  return {
    ...solved,
    problem,
    timeline: timeline.value,
    settled: { ...solved.settled, flows: settled },
    flows: solvedFlows(problem, resolved, settled),
  };
}

function answered(
  { problem, unknown }: SolvedProblem,
  settled: readonly SettledFlow[],
  value: number,
): Problem {
  switch (unknown.kind) {
    case "value":
      return problem;
    case "count": {
      const flow = settled[unknown.field.line];
      return withNumber(problem, unknown.field, flow?.kind === "stream" ? flow.count : 0);
    }
    case "at":
    case "begins":
    case "percent":
    case "growth":
      return withNumber(problem, unknown.field, value);
    case "amount":
      return withAmount(problem, unknown.field, value, settled[unknown.field.line]);
  }
}

function withAmount(
  problem: Problem,
  field: FlowFieldRef,
  value: number,
  settled: SettledFlow | undefined,
): Problem {
  const signed =
    settled?.kind === "list"
      ? settled.amounts[field.entry ?? 0]
      : settled?.kind === "dated"
        ? settled.entries[field.entry ?? 0]?.amount
        : value;
  const found = withNumber(problem, field, signed ?? value);
  const flow = found.flows[field.line];
  const isTurned =
    flow !== undefined &&
    "direction" in flow &&
    settled !== undefined &&
    "amount" in settled &&
    directionOf(settled.amount, flow.direction) !== flow.direction;
  return isTurned
    ? { ...found, flows: found.flows.with(field.line, turnedRound(flow, "stays")) }
    : found;
}

function directionOf(amount: number, otherwise: Direction): Direction {
  const isSame = amount === 0 || Math.sign(amount) === signOf(otherwise);
  return isSame ? otherwise : opposite(otherwise);
}

/** For an unknown count, the account has whole payments and a final payment as a separate line. */
function withLast(problem: Problem, settled: readonly SettledFlow[]): Problem {
  const last = settled[problem.flows.length];
  const owner = problem.flows.find(({ id }) => id === last?.id);
  if (last?.kind !== "single" || owner?.kind !== "stream") return problem;
  const flow: Flow = {
    id: LAST_PAYMENT,
    kind: "single",
    label: "The last payment",
    direction: directionOf(last.amount, owner.direction),
    amount: Math.abs(last.amount),
    at: isoYears(last.at),
  };
  return { ...problem, flows: [...problem.flows, flow] };
}
