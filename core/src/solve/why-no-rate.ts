import type { DatedAmount } from "../flows/flow-kind";
import { issue, type Issue } from "../issues/issue";
import type { Timeline } from "../timeline/timeline";

/**
 * Why no rate can balance a timeline whose worths never change their sign.
 *
 * @param dates how many different dates the worths stand at, as the unknown rate sees them
 */
export function whyNoRate(
  dates: number,
  amounts: readonly DatedAmount[],
  timeline: Timeline,
): Issue {
  const signs = new Set(amounts.map(({ amount }) => Math.sign(amount.known)).filter(Boolean));
  if (signs.size === 1) {
    const latest = timeline.flows.reduce((late, flow) =>
      (flow.at ?? 0) > (late.at ?? 0) ? flow : late,
    );
    const direction = signs.has(1) ? ("in" as const) : ("out" as const);
    return issue("one-way-money", [], {
      direction,
      ...(timeline.flows.length > 1 ? { turn: latest.id } : {}),
    });
  }
  return dates === 1 ? issue("rate-has-no-effect", [], {}) : issue("no-rate-balances", [], {});
}
