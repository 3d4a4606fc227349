import type { SettledSpell } from "../solve/solution";
import { frequencyOf } from "../time/duration";
import { frequencyWords, onePeriod } from "../wording/quotation-words";
import { fractionLatex, givenLatex, numberLatex, percentLatex } from "./latex";
import type { Step } from "./step";

/** The period in which a spell's interest is counted, and the symbols that stand for it. */
export interface SpellPeriod {
  readonly spell: SettledSpell;
  /** `i`, `i_2`, or `\delta` where interest never pauses. */
  readonly symbol: string;
  /** Rate for one period, a decimal; for continuous interest the force, a year. */
  readonly rate: number;
  readonly periodsPerYear: number;
  readonly isContinuous: boolean;
  /** The singular name of the period: "quarter". */
  readonly noun: string;
}

/** @param number which spell it is, from 1; `null` where it is the only one and needs no index */
export function spellPeriod(spell: SettledSpell, number: number | null): SpellPeriod {
  const { quotation } = spell;
  const index = number === null ? "" : `_{${number}}`;
  if (quotation.quoted === "continuous") {
    return {
      spell,
      symbol: String.raw`\delta${index}`,
      rate: spell.force,
      periodsPerYear: 1,
      isContinuous: true,
      noun: "year",
    };
  }
  const every = quotation.quoted === "effective" ? "P1Y" : quotation.compounding;
  const periodsPerYear = frequencyOf(every);
  return {
    spell,
    symbol: `i${index}`,
    rate: ratePerPeriod(spell, periodsPerYear),
    periodsPerYear,
    isContinuous: false,
    noun: frequencyWords(every).noun,
  };
}

function ratePerPeriod({ percent, quotation }: SettledSpell, periodsPerYear: number): number {
  return quotation.quoted === "nominal" ? percent / 100 / periodsPerYear : percent / 100;
}

/** How the quoted rate becomes the rate for one period. */
export function ratePerPeriodStep(period: SpellPeriod): Step {
  const { symbol, rate, periodsPerYear, noun, spell } = period;
  const { quotation, percent } = spell;
  const decimal = givenLatex(percent / 100);
  if (period.isContinuous) {
    return {
      kind: "rate-per-period",
      say: "Interest is added without pause, so the rate is used as the force of interest, a year at a time.",
      latex: [`${symbol} = ${percentLatex(percent)} = ${decimal}`],
      value: rate,
    };
  }
  if (quotation.quoted === "nominal" && periodsPerYear !== 1) {
    return {
      kind: "rate-per-period",
      say: `The rate for ${onePeriod(noun)}: the yearly rate is shared out over the ${givenPeriods(periodsPerYear)} of a year.`,
      latex: [
        `${symbol} = ${fractionLatex("j", "m")} = ${fractionLatex(decimal, givenLatex(periodsPerYear))} = ${numberLatex(rate)}`,
      ],
      value: rate,
    };
  }
  return {
    kind: "rate-per-period",
    say: `The rate is already the rate for ${onePeriod(noun)}.`,
    latex: [`${symbol} = ${percentLatex(percent)} = ${decimal}`],
    value: rate,
  };
}

/** A count of compounding periods in words: "4 periods". */
export function givenPeriods(periods: number): string {
  const count = Number(periods.toPrecision(10));
  return `${count} period${count === 1 ? "" : "s"}`;
}

/** What the textbook calls a rate that is quoted so. */
export function quotedSymbol(period: SpellPeriod): string {
  return period.spell.quotation.quoted === "nominal" && period.periodsPerYear !== 1
    ? "j"
    : period.symbol;
}
