import type { SettledFlow } from "../../flows/flow-kind";
import { valueAt } from "../../numbers/affine";
import type { Direction, Flow, FlowOf, KnownPosition, Problem } from "../../problem/schema";
import { accountFor } from "../../solve/solve";
import { openingSide } from "../../solve/follow-ups";
import type { Solution } from "../../solve/solution";
import { isoYears } from "../../time/duration";
import { signOf } from "../../timeline/amounts";
import { resolvePosition } from "../../timeline/positions";
import { resolveTimeline } from "../../timeline/resolve-timeline";
import { settleFlows } from "../../timeline/settle-timeline";
import type { FlowFieldRef } from "../../fields/field-ref";
import { withNumber } from "../../fields/problem-figures";
import { compose, LAST_PAYMENT, type Composition } from "../compose/composition";
import type { Sheet } from "../compose/sheet";
import { roundsOnTheWay } from "../mathematics/figures";
import type { Step } from "../step";
import type { Workings } from "../workings";

/** A solved problem with its answer substituted, as follow-up questions use it. */
export interface Story {
  readonly composition: Composition;
  /** The sign of the first flow: a balance in its direction is positive. */
  readonly side: 1 | -1;
  readonly isBalanced: boolean;
  /** The flow to which a settled one belongs; the final payment belongs to its stream. */
  readonly ownerOf: (index: number) => string;
  readonly yearsAt: (position: KnownPosition) => number;
  /** The balances calculated for earlier questions, by date in years; later ones are added. */
  readonly balancesBefore: Map<number, number>;
  /** The steps that count payments, to show before a calculation that uses them. */
  readonly countings: Step[];
}

/**
 * @param before the workings of the answer; a rounded amount stays rounded
 * @param sheet an empty sheet, whose ids differ from those of other workings on the page
 * @param balancesBefore shared by the questions of one problem
 */
export function storyOf(
  problem: Problem,
  solution: Solution,
  before: Workings,
  sheet: Sheet,
  balancesBefore: Map<number, number>,
): Story {
  const found = accountFor(problem);
  if (!found.ok) throw new TypeError("Only a solved problem has workings");
  const { account, unknown } = found.value;
  const { x } = account;
  const [{ value }] = solution.answers;
  const isRounded = unknown.field.field === "amount" && roundsOnTheWay(sheet.rounding);
  const answer = isRounded ? Math.abs(before.result.value) : value;
  const known = withLast(withAnswer(problem, solution, account.flows, answer), account.flows);
  const flows = isRounded ? settledAs(known) : account.flows;
  const composition = compose(
    known,
    { ...solution, settled: { ...solution.settled, flows: namedAs(known, flows) } },
    sheet,
    true,
  );
  return {
    composition,
    side: openingSide(flows),
    isBalanced: problem.ask === undefined,
    ownerOf: (index) => account.flows[index]?.id ?? "",
    yearsAt: (position) => valueAt(resolvePosition(problem, position), x),
    balancesBefore,
    countings: [],
  };
}

/** A problem without an unknown, unchanged. */
function settledAs(problem: Problem): readonly SettledFlow[] {
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) throw new TypeError("Only a solved problem has workings");
  return settleFlows(timeline.value.flows, 0);
}

/** The problem with its answer in place of the unknown, and each amount in the direction that balances. */
function withAnswer(
  problem: Problem,
  { unknown }: Solution,
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
  return isTurned ? { ...found, flows: found.flows.with(field.line, turnedRound(flow)) } : found;
}

/** The flow in the opposite direction; an amount added to each payment keeps its own. */
function turnedRound(flow: FlowOf<"single" | "stream">): Flow {
  const direction = flow.direction === "in" ? "out" : "in";
  if (flow.kind === "single" || flow.growth === undefined || "percent" in flow.growth) {
    return { ...flow, direction };
  }
  const { amount, every } = flow.growth;
  return { ...flow, direction, growth: { every, amount: amount === null ? null : -amount } };
}

function directionOf(amount: number, otherwise: Direction): Direction {
  return amount === 0 || Math.sign(amount) === signOf(otherwise)
    ? otherwise
    : otherwise === "in"
      ? "out"
      : "in";
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

function namedAs({ flows }: Problem, settled: readonly SettledFlow[]): readonly SettledFlow[] {
  return settled.map((flow, index) => ({ ...flow, id: flows[index]?.id ?? flow.id }));
}
