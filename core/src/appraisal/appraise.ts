import type { DatedAmount } from "../flows/flow-kind";
import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import type { Completeness } from "../solve/solution";
import { internalRates } from "./internal-rates";
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
  /** Every internal rate above −90 %, ascending. */
  readonly irrPercents: readonly number[];
  /**
   * Every internal rate from −100 % to −90 %: solutions of the equation too, but of no use to judge by. A
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
export function appraise(
  flows: readonly DatedAmount[],
  { hurdlePercent, reinvestPercent = hurdlePercent }: AppraisalRates,
): Result<Appraisal> {
  for (const [name, percent] of Object.entries({ hurdlePercent, reinvestPercent })) {
    if (!(percent > -100)) {
      const quotation = { quoted: "effective" } as const;
      return fail(issue("rate-too-low", [name], { percent, quotation }));
    }
  }
  if (flows.length === 0) return fail(issue("appraisal-without-flows", ["amounts"], {}));
  const hurdle = Math.log1p(hurdlePercent / 100);
  const rates = internalRates(flows);
  if (!rates.ok) return rates;
  const npv = netValue(flows, hurdle);
  if (!Number.isFinite(npv)) return fail(issue("answer-too-large", [], {}));
  return succeed({
    npv,
    irrPercents: rates.value.percents.filter((percent) => percent > LEAST_RATE),
    irrPercentsBelow: rates.value.percents.filter((percent) => percent <= LEAST_RATE),
    irrCompleteness: rates.value.completeness,
    mirrPercent: finite(modifiedRate(flows, hurdle, Math.log1p(reinvestPercent / 100))),
    payback: finite(payback(flows, 0)),
    discountedPayback: finite(payback(flows, hurdle)),
    profitabilityIndex: finite(profitabilityIndex(flows, hurdle)),
    equivalentAnnual: finite(equivalentAnnual(flows, hurdle)),
  });
}

/** Rates at and below it are told apart from the others. */
const LEAST_RATE = -90;

function finite(value: number | null): number | null {
  return value !== null && Number.isFinite(value) ? value : null;
}
