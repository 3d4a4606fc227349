import type { DatedAmount } from "../../flows/flow-kind";
import { appraise, type Appraisal, type AppraisalRates } from "../appraise";
import type { Result } from "../../result";
import { outlayOf } from "./choose";
import { differenceOf } from "./compare-projects";

/** What it takes to go from one project to the next larger one, as a project of its own. */
export interface Increment {
  /** Their places among the projects. */
  readonly from: number;
  readonly to: number;
  readonly flows: readonly DatedAmount[];
  readonly judged: Result<Appraisal>;
}

/**
 * The incremental projects between projects in the order of their first outlays: each larger one less the
 * one before it. The larger is worth more just where its increment has a net present value above nothing.
 *
 * Source: J. Hirshleifer, On the theory of optimal investment decision, Journal of Political Economy 66 (1958)
 */
export function increments(
  projects: readonly (readonly DatedAmount[])[],
  rates: AppraisalRates,
): Increment[] {
  const ordered = projects
    .map((flows, place) => ({ flows, place }))
    .sort((one, other) => outlayOf(one.flows) - outlayOf(other.flows));
  return ordered.slice(1).flatMap((larger, index) => {
    const smaller = ordered[index];
    if (smaller === undefined) return [];
    const flows = differenceOf(larger.flows, smaller.flows);
    return [{ from: smaller.place, to: larger.place, flows, judged: appraise(flows, rates) }];
  });
}
