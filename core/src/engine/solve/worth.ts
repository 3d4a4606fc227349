import { leastForce } from "../flows/convergence";
import { addWorth, runsOf } from "../flows/flow-kinds";
import type { SettledFlow } from "../flows/flow-kind";
import type { PaymentRun } from "../flows/payment-run";
import { issue, type IssueOf } from "../issues/issue";
import { ScaledSum } from "../numbers/scaled-sum";
import type { Accumulation } from "../rates/accumulation";
import { percentUnder } from "../rates/compounding-law";
import { fail, succeed, type Result } from "../result";

/** The value of all flows at a date, Σ amount · a(focal)/a(t). */
export function worthAt(
  flows: readonly SettledFlow[],
  growth: Accumulation,
  focal: number,
): ScaledSum {
  const sum = new ScaledSum();
  for (const flow of flows) addWorth(flow, growth, focal, sum);
  return sum;
}

/** Fails with `perpetuity-without-worth` if a perpetuity grows as fast as the last rate, or faster. */
export function checkConvergence(
  flows: readonly SettledFlow[],
  growth: Accumulation,
): Result<null> {
  for (const flow of flows) {
    const found = flow.kind === "stream" ? divergenceOf(flow.id, runsOf(flow), growth) : null;
    if (found !== null) return fail(found);
  }
  return succeed(null);
}

/** The issue for runs that have no finite value, or `null`. */
export function divergenceOf(
  id: string,
  runs: readonly PaymentRun[],
  { forces }: Accumulation,
): IssueOf<"perpetuity-without-worth"> | null {
  const force = forces.at(-1) ?? 0;
  for (const run of runs) {
    const least = leastForce(run);
    if (force > least) continue;
    const growthPercent = percentUnder(least, EFFECTIVE);
    return issue("perpetuity-without-worth", [], {
      id,
      ratePercent: percentUnder(force, EFFECTIVE),
      growthPercent: growthPercent < LARGEST_TOLD ? growthPercent : null,
    });
  }
  return null;
}

/** The largest yearly growth that a message shows. */
const LARGEST_TOLD = 1e6;

const EFFECTIVE = { quoted: "effective", frequency: 1 } as const;
