import { leastForce } from "../flows/convergence";
import { addWorth, runsOf } from "../flows/flow-kinds";
import type { SettledFlow } from "../flows/flow-kind";
import { timeInRun, type PaymentRun } from "../flows/payment-run";
import { issue, type Issue, type IssueOf } from "../issues/issue";
import { ScaledSum } from "../numbers/scaled-sum";
import { logGrowth, type Accumulation } from "../rates/accumulation";
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

/**
 * Fails where flows have no worth: with `perpetuity-without-worth` if a perpetuity grows as fast as the last rate, or
 * faster; where interest is not compound, as `worthlessUnder` says.
 */
export function checkConvergence(
  flows: readonly SettledFlow[],
  growth: Accumulation,
  focal: number,
): Result<null> {
  for (const flow of flows) {
    const found = worthlessOf(flow.id, runsOf(flow), growth, focal);
    if (found !== null) return fail(found);
  }
  return succeed(null);
}

/** The issue for runs that have no worth at the focal date, or `null`. */
export function worthlessOf(
  id: string,
  runs: readonly PaymentRun[],
  growth: Accumulation,
  focal: number,
): Issue | null {
  return growth.accrual === undefined
    ? divergenceOf(id, runs, growth)
    : worthlessUnder(id, runs, growth, focal);
}

/** The most payments of a flow that are moved one by one. */
const MOST_MOVED = 20_000;

/**
 * Where interest is not compound, payments are moved one by one: `forever-needs-compound` if they never end,
 * `payments-need-compound` if they are too many, `no-worth-over-gap` if a discount, or a loss, takes all of one.
 */
function worthlessUnder(
  id: string,
  runs: readonly PaymentRun[],
  growth: Accumulation,
  focal: number,
): Issue | null {
  for (const run of runs) {
    if (run.count === Number.POSITIVE_INFINITY) return issue("forever-needs-compound", [], { id });
    if (run.count > MOST_MOVED) {
      return issue("payments-need-compound", [], { id, limit: MOST_MOVED });
    }
    for (let index = 0; index < run.count; index += 1) {
      const at = timeInRun(run, index);
      if (!Number.isFinite(logGrowth(growth, at, focal))) {
        return issue("no-worth-over-gap", [], { years: Math.abs(focal - at) });
      }
    }
  }
  return null;
}

/** The issue for runs that have no finite value under compound interest, or `null`. */
function divergenceOf(
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
