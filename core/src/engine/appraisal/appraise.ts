import type { DatedAmount } from "../flows/flow-kind";
import { issue, type Issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import type { Completeness } from "../solve/solution";
import { internalRates, type InternalRates } from "./internal-rates";
import { equivalentAnnual, modifiedRate, netValue, payback, profitabilityIndex } from "./measures";

export interface AppraisalRates {
  /** Effective percent a year, above −100. */
  readonly hurdlePercent: number;
  /** What inflows are reinvested at; the hurdle rate where it is left out. */
  readonly reinvestPercent?: number | undefined;
}

/** What the measures say of a project; `null` where one does not exist. Times in years, rates in percent a year. */
export interface Appraisal {
  readonly npv: number;
  /** Every internal rate above −90%, ascending. */
  readonly irrPercents: readonly number[];
  /**
   * Every internal rate from −100 % to −90%: solutions of the equation too, but of no use to judge by. A
   * project at such a rate would lose nine tenths of its money every year.
   */
  readonly irrPercentsBelow: readonly number[];
  readonly irrCompleteness: Completeness;
  readonly mirrPercent: number | null;
  readonly payback: number | null;
  readonly discountedPayback: number | null;
  readonly profitabilityIndex: number | null;
  readonly equivalentAnnual: number | null;
}

/**
 * Judges a project by its cash flows.
 *
 * @param flows in time order, the first of them at time 0: see `evenFlows` and `datedFlows`
 * @param rates what the project is measured by
 * @returns fails with `rate-too-low`, `appraisal-without-flows`, `rate-search-too-large` and
 *   `answer-too-large`; each measure's definition and source stand at its function in `measures.ts`
 */
export function appraise(flows: readonly DatedAmount[], rates: AppraisalRates): Result<Appraisal> {
  const judged = appraiseAsFar(flows, rates);
  if (!judged.ok) return judged;
  const { ratesIssue, ...appraisal } = judged.value;
  return ratesIssue === null ? succeed(appraisal) : fail(ratesIssue);
}

/** What the measures say, as far as they can be had. */
export interface AppraisalAsFar extends Appraisal {
  /** Why the internal rates could not be searched for, and are none; `null` where they were. */
  readonly ratesIssue: Issue | null;
}

/**
 * Judges a project as `appraise` does, but leaves the internal rates out where the search for them would
 * take too long: all other measures are as good without them.
 *
 * @returns fails as `appraise` does, but never with `rate-search-too-large`
 */
export function appraiseAsFar(
  flows: readonly DatedAmount[],
  { hurdlePercent, reinvestPercent = hurdlePercent }: AppraisalRates,
): Result<AppraisalAsFar> {
  for (const [name, percent] of Object.entries({ hurdlePercent, reinvestPercent })) {
    if (!(percent > -100)) {
      const quotation = { quoted: "effective" } as const;
      return fail(issue("rate-too-low", [name], { percent, quotation }));
    }
  }
  if (flows.length === 0) return fail(issue("appraisal-without-flows", ["amounts"], {}));
  const hurdle = Math.log1p(hurdlePercent / 100);
  const searched = internalRates(flows);
  const ratesIssue = searched.ok ? null : (searched.issues[0] ?? null);
  if (ratesIssue !== null && ratesIssue.code !== "rate-search-too-large") return fail(ratesIssue);
  const rates = searched.ok ? searched.value : NO_RATES;
  const npv = netValue(flows, hurdle);
  if (!Number.isFinite(npv)) return fail(issue("answer-too-large", [], {}));
  return succeed({
    ratesIssue,
    npv,
    irrPercents: rates.percents.filter((percent) => percent > LEAST_RATE),
    irrPercentsBelow: rates.percents.filter((percent) => percent <= LEAST_RATE),
    irrCompleteness: rates.completeness,
    mirrPercent: finite(modifiedRate(flows, hurdle, Math.log1p(reinvestPercent / 100))),
    payback: finite(payback(flows, 0)),
    discountedPayback: finite(payback(flows, hurdle)),
    profitabilityIndex: finite(profitabilityIndex(flows, hurdle)),
    equivalentAnnual: finite(equivalentAnnual(flows, hurdle)),
  });
}

const NO_RATES: InternalRates = { percents: [], completeness: "one-change" };

/** Rates at and below it are told apart from the others. */
const LEAST_RATE = -90;

function finite(value: number | null): number | null {
  return value !== null && Number.isFinite(value) ? value : null;
}
