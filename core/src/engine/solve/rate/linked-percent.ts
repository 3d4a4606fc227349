import { runsOf } from "../../flows/flow-kinds";
import type { SettledFlow } from "../../flows/flow-kind";
import { issue } from "../../issues/issue";
import { highestPercent, percentUnder } from "../../rates/compounding-law";
import { fail, succeed, type Result } from "../../result";
import { accumulationOf } from "../../timeline/spells";
import type { Spell } from "../../timeline/timeline";
import { rootInBracket } from "../roots/root-in-bracket";
import { worthAt } from "../worth";
import { directionsOf } from "./directions";
import { rateTerms } from "./rate-terms";
import { linkedEquation } from "./linked-equation";
import { rootsByMonotonePieces } from "./monotone-pieces";
import type { Percents } from "./percents";
import { whyNoRate } from "./why-no-rate";

/** The highest rate searched if several spells depend on one unknown, in percent. */
const HIGHEST_PERCENT = 1e7;
/** Where a rate has no lowest figure of its own, as a force of interest or a discount. */
const LOWEST_PERCENT = -1e5;

/**
 * One unknown percent in several spells. Every force rises with it. If the flows change sign once, take the
 * moment of the change as focal date: the values of earlier flows only rise with the rate, those of later
 * flows only fall. The balance is then monotone and its root the only one. If they change sign more often,
 * the range of rates is cut into pieces on which the balance is monotone or has no root.
 */
export function linkedPercents(
  spells: readonly Spell[],
  flows: readonly SettledFlow[],
): Result<Percents> {
  const runs = flows.flatMap(runsOf);
  const { changes, early } = directionsOf(runs);
  if (changes === 0) return fail(whyNoRate(runs, flows));
  const balance = (percent: number): number => {
    const growth = accumulationOf(spells, percent);
    return growth.ok ? worthAt(flows, growth.value, 0).mantissa : Number.NaN;
  };
  const floor = lowestPercent(spells);
  if (changes === 1) {
    const bracket = bracketOf(balance, floor, ceilingOf(spells), early);
    const root = bracket === null ? null : rootInBracket(balance, bracket[0], bracket[1]);
    return root === null
      ? fail(issue("no-rate-balances", [], {}))
      : succeed({ percents: [root], completeness: "one-change" });
  }
  const terms = rateTerms(runs);
  if (terms === null || runs.some(({ count }) => count % 1 !== 0)) {
    return fail(issue("rates-too-entangled", [], {}));
  }
  // A discount takes more the higher it is: its slope does not flatten.
  const isBounded = spells.every(({ law }) => highestPercent(law) === Number.POSITIVE_INFINITY);
  const percents = isBounded
    ? rootsByMonotonePieces(linkedEquation(spells, terms), terms.length, floor, HIGHEST_PERCENT)
    : null;
  if (percents === null) return fail(issue("rates-too-entangled", [], {}));
  return percents.length === 0
    ? fail(whyNoRate(runs, flows))
    : succeed({ percents, completeness: "monotone-pieces" });
}

/** The percent at which the first linked spell would reach −100%. */
function lowestPercent(spells: readonly Spell[]): number {
  const floors = spells
    .filter(({ percent }) => percent.perUnknown !== 0)
    .map(({ percent, law }) => {
      // The nominal floor is −100 % times the periods in a year: what a force of −∞ comes to.
      const floor = percentUnder(Number.NEGATIVE_INFINITY, law);
      return Math.max(floor, LOWEST_PERCENT) - percent.known;
    });
  return Math.max(...floors);
}

/** The percent at which the first linked spell would take everything; infinite for rates of interest. */
function ceilingOf(spells: readonly Spell[]): number {
  return Math.min(
    ...spells
      .filter(({ percent }) => percent.perUnknown !== 0)
      .map(({ percent, law }) => highestPercent(law) - percent.known),
  );
}

/** A rate this close to −100%, as part of the way there, ends the search. */
const LEAST_SHARE = 1e-15;

/** Steps outwards from 0% until the balance changes sign, without reaching the floor. */
function bracketOf(
  balance: (percent: number) => number,
  floor: number,
  ceiling: number,
  early: number,
): readonly [number, number] | null {
  const start = Math.min(Math.max(0, floor + 1), (ceiling + Math.max(floor, -ceiling)) / 2);
  const sign = Math.sign(balance(start));
  if (sign === 0) return [start, start];
  if (Number.isNaN(sign)) return null;
  if (sign !== early) {
    for (let gap = 1, low = start; gap < HIGHEST_PERCENT; gap *= 2) {
      // In steps that double, then ever closer to a ceiling.
      const high = start + gap < ceiling ? start + gap : (low + ceiling) / 2;
      if (high === low) return null;
      if (Math.sign(balance(high)) === -sign) return [low, high];
      low = high;
    }
    return null;
  }
  for (let share = 0.5, high = start; share > LEAST_SHARE; share /= 2) {
    const low = floor + (start - floor) * share;
    if (Math.sign(balance(low)) === -sign) return [low, high];
    high = low;
  }
  return null;
}
