import { runsOf } from "../../flows/flow-kinds";
import { issue, type Issue, type Path } from "../../issues/issue";
import { LIMITS } from "../../problem/limits";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import type { ResolvedStream, Timeline } from "../../timeline/timeline";
import { movesWith } from "../moves-with";
import { signsOf } from "../rate/why-no-rate";
import { checkConvergence, worthAt } from "../worth";

/**
 * Why no number of payments balances a timeline.
 *
 * @param atStart sign of the balance before the first payment
 * @param limit how many payments were checked
 */
export function whyNoCount(
  timeline: Timeline,
  path: Path,
  stream: ResolvedStream,
  atStart: number,
  limit: number,
): Issue {
  const signs = new Set(settleFlows(timeline.flows, 1).flatMap(runsOf).flatMap(signsOf));
  if (signs.size === 1) {
    return issue("one-way-money", path, {
      direction: signs.has(1) ? "in" : "out",
      turn: stream.id,
    });
  }
  const side = Math.sign(stream.amount.known);
  if (atStart === side) return issue("goal-already-passed", path, { id: stream.id });
  const smallest = smallestPayment(timeline, stream);
  return smallest === null
    ? issue("no-count-balances", path, { limit })
    : issue("payment-below-interest", path, { id: stream.id, smallest });
}

/**
 * The payment that covers only the interest: its perpetuity has the value of all other flows.
 *
 * @returns `null` if a perpetuity would be enough, so this is not the reason
 */
function smallestPayment(timeline: Timeline, stream: ResolvedStream): number | null {
  const { spells, flows } = timeline;
  const growth = accumulationOf(spells, LIMITS.payments);
  if (!growth.ok) return null;
  const forever = { ...stream, count: { known: Number.POSITIVE_INFINITY, perUnknown: 0 } };
  const endless = settleFlows([forever], 0);
  if (!checkConvergence(endless, growth.value, 0).ok) return null;
  // Whatever starts at the end of a perpetuity has a present value of zero.
  const staying = settleFlows(
    flows.filter((flow) => !movesWith(flow)),
    0,
  );
  const rest = worthAt(staying, growth.value, 0);
  const share = -rest.over(worthAt(endless, growth.value, 0));
  const smallest = share * Math.abs(stream.amount.known);
  return share >= 1 && Number.isFinite(smallest) ? smallest : null;
}
