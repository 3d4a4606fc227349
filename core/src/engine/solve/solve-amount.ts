import type { FlowFieldRef } from "../fields/field-ref";
import { dateOfAmount } from "../flows/amount-date";
import { addWorthOfRun } from "../flows/payment-run";
import { issue } from "../issues/issue";
import { ScaledSum } from "../numbers/scaled-sum";
import type { Flow } from "../problem/schema";
import { opposite } from "../problem/turned-round";
import { fail, succeed } from "../result";
import { accumulationOf } from "../timeline/spells";
import { focalOf } from "../timeline/focal";
import { splitFlow } from "../timeline/settle-timeline";
import { roundedPayments } from "./rounded-payments";
import type { Answer } from "./solution";
import { onlyRoot, type Solver } from "./solver";
import { worthlessOf } from "./worth";

/**
 * The amount that balances the timeline: a single amount, a payment, the step by which payments grow, or one
 * entry of a list. The value of all flows is linear in it, so one division is enough. The focal date, unless the
 * answer depends on it, is the date of the amount, where a single amount has the coefficient 1 and the answer keeps
 * every digit of its terms.
 *
 * Accuracy: relative 1e-14 if the terms do not cancel.
 * Source: Kellison, ch. 2 (equation of value)
 */
export const solveAmount: Solver<"amount"> = ({ problem, timeline, unknown }) => {
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return growth;
  const index = unknown.field.line;
  const own = timeline.flows[index];
  const line = problem.flows[index];
  if (own === undefined || line === undefined)
    throw new TypeError("The unknown amount has no line");
  const ownDate = dateOfAmount(own, unknown.field.entry, ({ known }) => known);
  const focal = timeline.focal === null ? ownDate : focalOf(timeline, 0);
  const rest = new ScaledSum();
  const unit = new ScaledSum();
  for (const flow of timeline.flows) {
    const { known, perUnknown } = splitFlow(flow);
    const worthless =
      worthlessOf(flow.id, known, growth.value, focal) ??
      worthlessOf(flow.id, perUnknown, growth.value, focal);
    if (worthless !== null) return fail(worthless);
    for (const run of known) addWorthOfRun(run, growth.value, focal, rest);
    for (const run of perUnknown) addWorthOfRun(run, growth.value, focal, unit);
  }
  if (unit.mantissa === 0) return fail(issue("unknown-cancels", unknown.path, {}));
  const x = -rest.over(unit);
  if (!Number.isFinite(x)) return fail(issue("answer-too-large", unknown.path, {}));
  const rounded =
    problem.paymentRounding === undefined
      ? null
      : roundedPayments(timeline, unknown.field, x, problem.paymentRounding);
  if (rounded === null) return succeed(onlyRoot(x, answerFor(x, line, unknown.field), "linear"));
  const answer = answerFor(rounded.x, line, unknown.field);
  return succeed({ roots: [{ x, answer, rounded }], completeness: "linear" });
};

function answerFor(x: number, line: Flow, { field }: FlowFieldRef): Answer {
  const unit = "money";
  if (!("direction" in line)) {
    return { value: Math.abs(x), unit, direction: x < 0 ? "out" : "in" };
  }
  const { direction } = line;
  // The step of a growing stream has the stream's direction; a negative step is a fall.
  if (field === "growth") return { value: x, unit, direction };
  return x < 0
    ? { value: -x, unit, direction: opposite(direction), turned: true }
    : { value: Math.abs(x), unit, direction };
}
