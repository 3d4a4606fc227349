import { worthOf } from "../flows/flow-kinds";
import { issue } from "../issues/issue";
import { sum } from "../numbers/sum";
import type { Direction } from "../problem/schema";
import { fail, succeed } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Solver } from "./solver";

/**
 * The amount that balances the timeline: the worth of everything is linear in it, so one division
 * does. The focal date is the amount's own, where an amount that stands alone has a coefficient of
 * exactly 1 and the answer keeps every digit of its terms.
 *
 * Accuracy: relative 1e-14 where the terms do not cancel.
 * Source: Kellison, ch. 2 (equation of value)
 */
export const solveAmount: Solver = ({ problem, timeline, unknown }) => {
  const growth = accumulationOf(timeline);
  if (!growth.ok) return growth;
  const index = Number(unknown.path[1]);
  const own = timeline.flows[index];
  const line = problem.flows[index];
  if (own === undefined || line === undefined || own.at === null) {
    throw new TypeError("The unknown amount has no line");
  }
  const focal = own.at;
  const worths = timeline.flows.map((flow) => worthOf(flow, growth.value, focal));
  const known = sum(worths.map((worth) => worth.known));
  const perUnknown = sum(worths.map((worth) => worth.perUnknown));
  if (perUnknown === 0) return fail(issue("unknown-cancels", unknown.path, {}));
  const x = -known / perUnknown;
  if (!Number.isFinite(x)) return fail(issue("answer-too-large", unknown.path, {}));
  const stated = "direction" in line ? line.direction : "in";
  return succeed([
    {
      x,
      answer: {
        value: Math.abs(x),
        unit: "money",
        direction: x < 0 ? opposite(stated) : stated,
        ...(x < 0 ? { turned: true as const } : {}),
      },
    },
  ]);
};

function opposite(direction: Direction): Direction {
  return direction === "in" ? "out" : "in";
}
