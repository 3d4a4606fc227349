import { forceUnder } from "../../rates/compounding-law";
import { valueAt } from "../../numbers/affine";
import type { Spell } from "../../timeline/timeline";
import type { ExponentialTerm } from "../roots/exponential-sum-roots";
import { rootInBracket } from "../roots/root-in-bracket";

/** The most terms valued in one search: about half a second of work. */
const MOST_TERMS_VALUED = 2_000_000;
/** An undecided piece this narrow, relative to its position, is taken to touch zero. */
const NARROWEST = 1e-12;

interface Bounds {
  readonly low: number;
  readonly high: number;
}

/**
 * All roots of Σ amount/a(t), as a function of one percent on which several spells depend.
 *
 * Every discount factor falls as the percent rises, and its slope flattens. On a piece of the range, the
 * values at the two ends therefore bound the inflows and the outflows, and so the balance and its slope. If
 * the bounds of the balance exclude zero, the piece has no root. If those of the slope exclude zero, it has at
 * most one. Any other piece is halved.
 *
 * @param terms amounts and their times, by ascending time
 * @param floor percents above it are searched, up to `ceiling`
 * @returns ascending; `null` if the limit of work was reached
 * Source: R. E. Moore, Methods and Applications of Interval Analysis (1979), ch. 5
 */
export function rootsByMonotonePieces(
  spells: readonly Spell[],
  terms: readonly ExponentialTerm[],
  floor: number,
  ceiling: number,
): number[] | null {
  const equation = enclosedEquation(spells, terms);
  const roots: number[] = [];
  const reach = ceiling - floor;
  // Near the floor and far from it, rates are compared by ratio, not by difference.
  const percentAt = (place: number) => floor + reach * 1e-18 ** (1 - place);
  const stack: [number, number][] = [[0, 1]];
  let looked = 0;
  for (let piece = stack.pop(); piece !== undefined; piece = stack.pop()) {
    looked += 1;
    if (looked * terms.length > MOST_TERMS_VALUED) return null;
    const [from, to] = piece;
    const [low, high] = [percentAt(from), percentAt(to)];
    if (leavesOutZero(equation.balance(low, high))) continue;
    if (leavesOutZero(equation.slope(low, high))) {
      const signs = Math.sign(equation.value(low)) * Math.sign(equation.value(high));
      const root = signs < 0 ? rootInBracket(equation.value, low, high) : null;
      if (root !== null) roots.push(root);
      else if (equation.value(low) === 0) roots.push(low);
      continue;
    }
    if (to - from < NARROWEST) {
      roots.push(low);
      continue;
    }
    const middle = (from + to) / 2;
    stack.push([middle, to], [from, middle]);
  }
  return roots;
}

function leavesOutZero({ low, high }: Bounds): boolean {
  return low > 0 || high < 0;
}

function enclosedEquation(spells: readonly Spell[], terms: readonly ExponentialTerm[]) {
  const starts = spells.map(({ start }) => start.known);
  const parts = terms.map(({ coefficient, exponent }) => {
    const spell = Math.max(
      0,
      starts.findLastIndex((start) => start <= exponent),
    );
    return { amount: coefficient, spell, years: exponent - (starts[spell] ?? 0) };
  });
  const forcesAt = (percent: number) =>
    addedUp(
      starts,
      spells.map((spell) => forceUnder(valueAt(spell.percent, percent), spell.law)),
    );
  const speedsAt = (percent: number) =>
    addedUp(
      starts,
      spells.map(({ percent: quoted, law }) => {
        if (quoted.perUnknown === 0) return 0;
        const figure = valueAt(quoted, percent) / 100;
        switch (law.quoted) {
          case "continuous":
            return 0.01;
          case "nominal":
            return 0.01 / (1 + figure / law.frequency);
          default:
            return (0.01 * law.frequency) / (1 + figure);
        }
      }),
    );

  /** Discounted inflows and outflows, separately; with `speeds`, each weighted by how fast it falls. */
  const sides = (percent: number, largest: number, weigh: boolean) => {
    const forces = forcesAt(percent);
    const speeds = speedsAt(percent);
    let [inward, outward] = [0, 0];
    for (const { amount, spell, years } of parts) {
      const size =
        Math.abs(amount) *
        Math.exp(-forces(spell, years) - largest) *
        (weigh ? speeds(spell, years) : 1);
      if (amount > 0) inward += size;
      else outward += size;
    }
    return { inward, outward };
  };
  const largestAt = (percent: number) => {
    const forces = forcesAt(percent);
    return parts.reduce(
      (most, { spell, years }) => Math.max(most, -forces(spell, years)),
      Number.NEGATIVE_INFINITY,
    );
  };
  const enclose = (low: number, high: number, weigh: boolean): Bounds => {
    const largest = largestAt(low);
    const atLow = sides(low, largest, weigh);
    const atHigh = sides(high, largest, weigh);
    return { low: atHigh.inward - atLow.outward, high: atLow.inward - atHigh.outward };
  };
  return {
    value: (percent: number) => {
      const { inward, outward } = sides(percent, largestAt(percent), false);
      return inward - outward;
    },
    balance: (low: number, high: number) => enclose(low, high, false),
    slope: (low: number, high: number) => enclose(low, high, true),
  };
}

/** What comes together from time 0 at a speed for each spell, by the number of a spell and the years since its start. */
function addedUp(
  starts: readonly number[],
  speeds: readonly number[],
): (spell: number, years: number) => number {
  const before = [0];
  for (let spell = 1; spell < starts.length; spell += 1) {
    const years = (starts[spell] ?? 0) - (starts[spell - 1] ?? 0);
    before.push((before[spell - 1] ?? 0) + (speeds[spell - 1] ?? 0) * years);
  }
  return (spell, years) => (before[spell] ?? 0) + (speeds[spell] ?? 0) * years;
}
