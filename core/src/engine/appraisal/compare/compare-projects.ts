import type { DatedAmount } from "../../flows/flow-kind";
import { appraise, type Appraisal, type AppraisalRates } from "../appraise";
import { crossoverRates } from "../crossover";
import { lifeOf, netValue } from "../measures";
import { netByDate } from "../net-by-date";
import type { Result } from "../../result";
import { PART_BETWEEN, isClose, isSameTime } from "../../numbers/compare";

/** A project among others, judged. */
export interface JudgedProject {
  readonly flows: readonly DatedAmount[];
  readonly judged: Result<Appraisal>;
}

/** Measures by which projects are put in order, and whether more is better. */
export const RANKED_BY = {
  npv: "most",
  irr: "most",
  mirrPercent: "most",
  profitabilityIndex: "most",
  payback: "least",
  discountedPayback: "least",
  equivalentAnnual: "most",
} as const;

export type RankedMeasure = keyof typeof RANKED_BY;

export const RANKED_MEASURES = Object.keys(RANKED_BY) as RankedMeasure[];

/** A measure of one project; several internal rates, or none, put it into no order. */
export function measureOf(judged: Appraisal, measure: RankedMeasure): number | null {
  if (measure !== "irr") return judged[measure];
  const { irrPercents } = judged;
  return irrPercents.length === 1 ? (irrPercents[0] ?? null) : null;
}

/** Whether the projects only cost money, as machines for the same work do: one of them is needed all the same. */
export function areCostsOnly(projects: readonly JudgedProject[]): boolean {
  return (
    projects.length > 0 && projects.every(({ flows }) => flows.every(({ amount }) => amount <= 0))
  );
}

/** Whether all projects last as long. */
export function haveEqualLives(projects: readonly JudgedProject[]): boolean {
  const [first = 0, ...others] = projects.map(({ flows }) => lifeOf(flows));
  return others.every((life) => isSameTime(life, first));
}

/**
 * The places of projects by a measure, from 1; those that are alike share theirs.
 *
 * @returns `null` for each that has no such figure, and by net present value for projects of costs only with
 *   unequal lives: the shorter would seem cheaper
 */
export function placesBy(
  projects: readonly JudgedProject[],
  measure: RankedMeasure,
): (number | null)[] {
  if (measure === "npv" && areCostsOnly(projects) && !haveEqualLives(projects)) {
    return projects.map(() => null);
  }
  const figures = projects.map(({ judged }) =>
    judged.ok ? measureOf(judged.value, measure) : null,
  );
  const sign = RANKED_BY[measure] === "most" ? 1 : -1;
  const isAhead = (one: number, other: number) =>
    sign * (one - other) > 0 && !isClose(one, other, PART_BETWEEN.engine);
  return figures.map((own) =>
    own === null
      ? null
      : 1 + figures.filter((other) => other !== null && isAhead(other, own)).length,
  );
}

/** @returns each project judged by the same rates */
export function judgeAll(
  projects: readonly (readonly DatedAmount[])[],
  rates: AppraisalRates,
): JudgedProject[] {
  return projects.map((flows) => ({ flows, judged: appraise(flows, rates) }));
}

/** Where two projects are worth the same. */
export interface Crossing {
  /** Their places among the projects, the earlier first. */
  readonly pair: readonly [number, number];
  readonly percent: number;
  /** What each is worth there. */
  readonly value: number;
}

/**
 * Every rate at which two of the projects have the same net present value, above −90 % a year.
 *
 * Accuracy: as `internalRates`.
 * Source: I. Fisher, The Theory of Interest (1930), ch. VII (rate of return over cost)
 */
export function crossings(projects: readonly (readonly DatedAmount[])[]): Crossing[] {
  return projects.flatMap((one, first) =>
    projects.slice(first + 1).flatMap((other, rest) => {
      const rates = crossoverRates(one, other);
      if (!rates.ok) return [];
      return rates.value.percents
        .filter((percent) => percent > -90)
        .map((percent): Crossing => ({
          pair: [first, first + 1 + rest],
          percent,
          value: netValue(one, Math.log1p(percent / 100)),
        }));
    }),
  );
}

/** The one project less the other, date by date; dates on which both are alike stay, with nothing moving. */
export function differenceOf(
  one: readonly DatedAmount[],
  other: readonly DatedAmount[],
): DatedAmount[] {
  return netByDate([...one, ...other.map(({ at, amount }) => ({ at, amount: 0 - amount }))]);
}
