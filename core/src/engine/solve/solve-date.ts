import { ScaledSum } from "../numbers/scaled-sum";
import { focalOf } from "../timeline/focal";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import { datesAtFocal } from "./dates-at-focal";
import { datesThatBalance } from "./dates-that-balance";
import type { Solver } from "./solver";
import { checkConvergence, worthAt } from "./worth";

/** The dates at which a single amount balances the rest, in closed form. */
export const solveDate: Solver<"at"> = ({ timeline, unknown }) => {
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return growth;
  const flows = settleFlows(timeline.flows, 0);
  const own = flows[unknown.field.line];
  if (own?.kind !== "single") throw new TypeError("The unknown date has no amount");
  const others = flows.filter((flow) => flow !== own);
  const focal = focalOf(timeline, 0);
  const converges = checkConvergence(others, growth.value, focal);
  if (!converges.ok) return converges;
  if (growth.value.accrual !== undefined) {
    const rest = worthAt(others, growth.value, focal).value;
    return datesAtFocal(growth.value, own.amount, rest, focal, unknown.path);
  }
  const moving = new ScaledSum();
  moving.add(own.amount, 0);
  return datesThatBalance(growth.value, moving, worthAt(others, growth.value, 0), unknown.path);
};
