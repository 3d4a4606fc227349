import {
  areCostsOnly,
  bestOne,
  bestWithin,
  haveEqualLives,
  listed,
  placesBy,
  spanWords,
  writeMoney,
  writeRate,
  type AnswerFormat,
  type Choice,
} from "@kestrelmoor/core";
import type { Comparison, Contender } from "./compared";

/** What the comparison comes to, each in a sentence. */
export function verdicts(
  { contenders, increments }: Comparison,
  hurdlePercent: number,
  format: AnswerFormat,
): string[] {
  const name = (place: number) => contenders[place]?.name ?? "";
  if (areCostsOnly(contenders)) return cheapest(contenders, format);
  const best = bestOne(contenders);
  if (best === null) {
    return [
      `At ${writeRate(hurdlePercent, format)} a year, no project has a positive net present value: reject them all.`,
    ];
  }
  const [chosen = 0] = best.taken;
  return [
    `If the projects are mutually exclusive, choose ${name(chosen)}: it has the highest net present value, ${writeMoney(best.npv, format)}.`,
    ...conflict(contenders, chosen),
    ...increments.flatMap(({ from, to, judged }) => {
      if (!judged.ok) return [];
      const { npv, irrPercents } = judged.value;
      const [only] = irrPercents;
      const earns =
        irrPercents.length === 1 && only !== undefined
          ? `earns ${writeRate(only, format)} a year and `
          : "";
      return [
        `Incremental project, ${name(from)} to ${name(to)}: it ${earns}has a net present value of ${writeMoney(npv, format)}, so choose ${npv > 0 ? name(to) : name(from)}.`,
      ];
    }),
    ...unequalLives(contenders, format),
  ];
}

/** Where the internal rate points to another one than the value does. */
function conflict(contenders: readonly Contender[], chosen: number): string[] {
  const byRate = placesBy(contenders, "irr").indexOf(1);
  if (byRate < 0 || byRate === chosen) return [];
  return [
    `${contenders[byRate]?.name ?? ""} has the highest internal rate of return, but a high rate on a small outlay can add less value. Choose by net present value.`,
  ];
}

/** Which costs the least, where one is needed whatever it costs. */
function cheapest(contenders: readonly Contender[], format: AnswerFormat): string[] {
  const isEqual = haveEqualLives(contenders);
  const place = placesBy(contenders, "equivalentAnnual").indexOf(1);
  const own = contenders[place];
  const annual = own?.judged.ok === true ? own.judged.value.equivalentAnnual : null;
  if (own === undefined || annual === null) return [];
  return [
    `The projects have costs only, so every net present value is negative. If one of them is needed, choose ${own.name}: it has the lowest equivalent annual cost, ${writeMoney(-annual, format)}.`,
    ...(isEqual
      ? []
      : [
          `Their lives differ (${livesOf(contenders, format)}), so their net present values do not compare. The equivalent annual costs do, if each can be repeated.`,
        ]),
  ];
}

function livesOf(contenders: readonly Contender[], format: AnswerFormat): string {
  const lives = contenders.map(({ flows }) => (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0));
  return [...new Set(lives)]
    .sort((one, other) => one - other)
    .map((found) => spanWords(found, format))
    .join(", ");
}

function unequalLives(contenders: readonly Contender[], format: AnswerFormat): string[] {
  if (haveEqualLives(contenders)) return [];
  const first = placesBy(contenders, "equivalentAnnual").indexOf(1);
  const own = contenders[first];
  const annual = own?.judged.ok === true ? own.judged.value.equivalentAnnual : null;
  if (own === undefined || annual === null) return [];
  return [
    `Their lives differ (${livesOf(contenders, format)}). If each can be repeated, compare equivalent annual annuities: ${own.name} is best, with ${writeMoney(annual, format)}.`,
  ];
}

/** What a budget buys. */
export function budgetVerdict(
  contenders: readonly Contender[],
  budget: number,
  format: AnswerFormat,
): string {
  const best = bestWithin(contenders, budget);
  const money = (amount: number) => writeMoney(amount, format);
  if (best === null) return "choose none: no affordable project has a positive net present value.";
  return `choose ${listed(namesOf(contenders, best))}: outlay ${money(best.outlay)}, net present value ${money(best.npv)}${best.outlay < budget ? `, ${money(budget - best.outlay)} unspent` : ""}.`;
}

function namesOf(contenders: readonly Contender[], { taken }: Choice): string[] {
  return taken.map((place) => contenders[place]?.name ?? "");
}
