import { sum } from "../../numbers/sum";
import { logGrowth } from "../../rates/accumulation";
import { growthOf } from "../../solve/settled-timeline";
import type { Solution } from "../../solve/solution";
import { formatMoney } from "../../wording/format-number";
import { formatYears } from "../../wording/format-time";
import { growthFactorBetween } from "../growth-factor";
import { fractionLatex, longMoneyLatex, moneyLatex, numberLatex, TIMES } from "../latex";
import { ownSingle, singlesOf } from "../singles";
import type { SpellPeriod } from "../spell-period";
import type { Step } from "../step";

export function dateSteps(solution: Solution, periods: readonly SpellPeriod[]): Step[] {
  const { settled } = solution;
  const own = ownSingle(solution);
  const rest = singlesOf(solution).filter((flow) => flow !== own);
  const growth = growthOf(settled);
  const today = Math.abs(
    sum(rest.map(({ amount, at }) => amount * Math.exp(-logGrowth(growth, 0, at)))),
  );
  const goal = Math.abs(own.amount);
  const index = settled.spells.findLastIndex(({ start }) => start <= own.at);
  const spell = settled.spells[Math.max(0, index)];
  const period = periods[Math.max(0, index)];
  if (spell === undefined || period === undefined) throw new TypeError("A timeline has a rate");
  const atStart = today * Math.exp(logGrowth(growth, 0, spell.start));
  const years = own.at - spell.start;
  const count = years * period.periodsPerYear;
  const moved = rest.map((flow) => {
    const factor = growthFactorBetween(periods, flow.at, 0);
    const size = moneyLatex(Math.abs(flow.amount));
    const text = factor.numbers === "" ? size : `${size}${TIMES}${factor.numbers}`;
    return `${text} = ${longMoneyLatex(Math.abs(flow.amount) * factor.value)}`;
  });
  return [
    {
      kind: "numbers",
      say: `What the other amounts are worth today: ${formatMoney(today)} together.`,
      latex: moved,
      value: today,
    },
    ...(spell.start === 0
      ? []
      : [
          {
            kind: "numbers" as const,
            say: `By the change of rate after ${formatYears(spell.start, 4)} this has become another amount.`,
            latex: [
              `${longMoneyLatex(today)}${TIMES}${growthFactorBetween(periods, 0, spell.start).numbers} = ${longMoneyLatex(atStart)}`,
            ],
            value: atStart,
          },
        ]),
    {
      kind: "equation",
      say: "From there it must become the amount whose date is asked.",
      latex: [
        period.isContinuous
          ? `${longMoneyLatex(atStart)}${TIMES}e^{${period.symbol} t} = ${moneyLatex(goal)}`
          : `${longMoneyLatex(atStart)}${TIMES}(1+${period.symbol})^{n} = ${moneyLatex(goal)}`,
      ],
    },
    {
      kind: "rearranged",
      say: "Divide and take logarithms on both sides.",
      latex: [
        period.isContinuous
          ? String.raw`t = \frac{\ln(${moneyLatex(goal)} / ${longMoneyLatex(atStart)})}{${numberLatex(period.rate)}} = ${numberLatex(years)}`
          : String.raw`n = \frac{\ln(${moneyLatex(goal)} / ${longMoneyLatex(atStart)})}{\ln(1 ${period.rate < 0 ? "-" : "+"} ${numberLatex(Math.abs(period.rate))})} = ${numberLatex(count)}`,
      ],
      value: count,
    },
    {
      kind: "value",
      say: "The time from today, in years.",
      latex: [
        `${spell.start === 0 ? "" : `${numberLatex(spell.start)} + `}${
          period.isContinuous || period.periodsPerYear === 1
            ? numberLatex(years)
            : fractionLatex(numberLatex(count), numberLatex(period.periodsPerYear))
        } = ${numberLatex(own.at)}`,
      ],
      value: own.at,
    },
  ];
}
