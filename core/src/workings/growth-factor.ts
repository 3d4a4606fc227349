import { exponentLatex, givenLatex, numberLatex, powerLatex } from "./latex";
import type { SpellPeriod } from "./spell-period";

/** The growth of 1 between two times, spell by spell, in symbols and in numbers. */
export interface GrowthFactor {
  readonly symbols: string;
  readonly numbers: string;
  readonly value: number;
}

const NOTHING: GrowthFactor = { symbols: "", numbers: "", value: 1 };

/**
 * What 1 at one time is worth at another; going back in time the exponents are negative.
 *
 * @param periods the spells in order, which start at `period.spell.start`
 */
export function growthFactorBetween(
  periods: readonly SpellPeriod[],
  from: number,
  to: number,
): GrowthFactor {
  if (from === to) return NOTHING;
  const [early, late] = from < to ? [from, to] : [to, from];
  const parts = periods.flatMap((period, index) => {
    const end = periods[index + 1]?.spell.start ?? Number.POSITIVE_INFINITY;
    const years = Math.min(late, end) - Math.max(early, period.spell.start);
    return years > 0 ? [partOf(period, from < to ? years : -years)] : [];
  });
  return {
    symbols: parts.map(({ symbols }) => symbols).join(""),
    numbers: parts.map(({ numbers }) => numbers).join(""),
    value: parts.reduce((product, { value }) => product * value, 1),
  };
}

function partOf(period: SpellPeriod, years: number): GrowthFactor {
  const { symbol, rate, periodsPerYear, isContinuous, spell } = period;
  const value = Math.exp(spell.force * years);
  const count = Number((years * periodsPerYear).toPrecision(12));
  const exponent = exponentLatex(count);
  if (isContinuous) {
    return {
      symbols: `e^{${exponent}\\,${symbol}}`,
      numbers: String.raw`e^{${exponent} \times ${givenLatex(rate)}}`,
      value,
    };
  }
  const sign = rate < 0 ? "-" : "+";
  return {
    symbols: powerLatex(`1+${symbol}`, exponent),
    numbers: powerLatex(`1 ${sign} ${numberLatex(Math.abs(rate))}`, exponent),
    value,
  };
}
