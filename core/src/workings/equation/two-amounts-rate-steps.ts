import { onePeriod } from "../../wording/quotation-words";
import type { Solution } from "../../solve/solution";
import { exposures } from "../../rates/accumulation";
import { growthFactorBetween } from "../growth-factor";
import {
  fractionLatex,
  givenLatex,
  longMoneyLatex,
  moneyLatex,
  numberLatex,
  TIMES,
} from "../latex";
import type { SpellPeriod } from "../spell-period";
import type { Step } from "../step";
import type { Term } from "./terms";

/**
 * The rate of one spell between two amounts, where other spells are known: their growth is divided
 * out, and what is left is the textbook's root. `null` where that form does not apply.
 */
export function twoAmountsRateSteps(
  terms: readonly Term[],
  solution: Solution,
  periods: readonly SpellPeriod[],
): Step[] | null {
  const [one, other] = terms.map(({ flow }) => flow);
  const index = Number(solution.unknown.path[1]);
  const period = periods[index];
  if (one === undefined || other === undefined || terms.length !== 2) return null;
  if (period === undefined || solution.answers.length !== 1) return null;
  const [early, late] = one.at < other.at ? [one, other] : [other, one];
  const starts = periods.map(({ spell }) => spell.start);
  const years =
    (exposures(starts, late.at)[index] ?? 0) - (exposures(starts, early.at)[index] ?? 0);
  if (years === 0) return null;
  const count = Number((years * period.periodsPerYear).toPrecision(12));
  const start = Math.max(early.at, period.spell.start);
  const before = growthFactorBetween(periods, early.at, start);
  const after = growthFactorBetween(periods, late.at, start + years);
  const from = Math.abs(early.amount) * before.value;
  const to = Math.abs(late.amount) * after.value;
  const times = (numbers: string) => (numbers === "" ? "" : `${TIMES}${numbers}`);
  const { symbol, rate, spell, noun, isContinuous, periodsPerYear } = period;
  const isShared = spell.quotation.quoted === "nominal" && periodsPerYear !== 1;
  const ratio = fractionLatex(longMoneyLatex(to), longMoneyLatex(from));
  const found = `${numberLatex(spell.percent)}\\,\\%`;
  return [
    {
      kind: "numbers",
      say: "Bring the earlier amount forward to where the unknown rate starts, and the later one back to where it ends.",
      latex: [
        `${moneyLatex(Math.abs(early.amount))}${times(before.numbers)} = ${longMoneyLatex(from)}`,
        `${moneyLatex(Math.abs(late.amount))}${times(after.numbers)} = ${longMoneyLatex(to)}`,
      ],
    },
    {
      kind: "equation",
      say: "Between the two, the unknown rate alone makes one into the other.",
      latex: [
        isContinuous
          ? `${longMoneyLatex(from)}${TIMES}e^{${numberLatex(years)}\\,${symbol}} = ${longMoneyLatex(to)}`
          : `${longMoneyLatex(from)}${TIMES}(1+${symbol})^{${numberLatex(count)}} = ${longMoneyLatex(to)}`,
      ],
    },
    {
      kind: "rearranged",
      say: isContinuous
        ? "Divide and take logarithms on both sides."
        : "Divide, take the root, subtract 1.",
      latex: [
        isContinuous
          ? `${symbol} = ${fractionLatex("1", numberLatex(years))}\\,\\ln ${ratio}`
          : `${symbol} = \\left(${ratio}\\right)^{1/${numberLatex(count)}} - 1`,
      ],
    },
    {
      kind: "value",
      say: isContinuous ? "Work it out." : `Work it out: the rate for ${onePeriod(noun)}.`,
      latex: [`${symbol} = ${numberLatex(rate)}${isShared ? "" : ` = ${found}`}`],
      value: rate,
    },
    ...(isShared
      ? [
          {
            kind: "value" as const,
            say: "The yearly rate, as it is quoted.",
            latex: [`j = ${givenLatex(periodsPerYear)}${TIMES}${numberLatex(rate)} = ${found}`],
            value: spell.percent,
          },
        ]
      : []),
  ];
}
