import { spellAt } from "../../rates/accumulation";
import { forceUnder } from "../../rates/compounding-law";
import { valueAt } from "../../numbers/affine";
import type { Spell } from "../../timeline/timeline";
import type { ExponentialTerm } from "../roots/exponential-sum-roots";
import type { Bounds, EnclosedEquation } from "./monotone-pieces";

/**
 * Σ amount/a(t) as a function of one percent on which several spells depend. Every discount factor falls as the
 * percent rises, and its slope flattens. On a piece of the range, the values at the two ends therefore bound the
 * inflows and the outflows, and so the balance and its slope.
 *
 * All is valued at the earliest flow, or today if that is earlier: what comes before it would rise.
 *
 * @param terms amounts and their times, by ascending time
 */
export function linkedEquation(
  spells: readonly Spell[],
  terms: readonly ExponentialTerm[],
): EnclosedEquation {
  const starts = spells.map(({ start }) => start.known);
  const parts = terms.map(({ coefficient, exponent }) => {
    const spell = spellAt({ starts }, exponent);
    return { amount: coefficient, spell, years: exponent - (starts[spell] ?? 0) };
  });
  const earliest = Math.min(0, terms[0]?.exponent ?? 0);
  const forcesAt = (percent: number) =>
    addedUp(
      earliest,
      starts,
      spells.map((spell) => forceUnder(valueAt(spell.percent, percent), spell.law)),
    );
  const speedsAt = (percent: number) =>
    addedUp(
      earliest,
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

/**
 * What comes together from the earliest time at a speed for each spell, by the number of a spell and the years since
 * its start.
 */
function addedUp(
  earliest: number,
  starts: readonly number[],
  speeds: readonly number[],
): (spell: number, years: number) => number {
  const before = [-earliest * (speeds[0] ?? 0)];
  for (let spell = 1; spell < starts.length; spell += 1) {
    const years = (starts[spell] ?? 0) - (starts[spell - 1] ?? 0);
    before.push((before[spell - 1] ?? 0) + (speeds[spell - 1] ?? 0) * years);
  }
  return (spell, years) => (before[spell] ?? 0) + (speeds[spell] ?? 0) * years;
}
