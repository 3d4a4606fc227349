import {
  bestOne,
  bestWithin,
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
  const best = bestOne(contenders);
  if (best === null) {
    return [
      `At ${writeRate(hurdlePercent, format)} a year none of them is worth more than it costs: leave them all.`,
    ];
  }
  const [chosen = 0] = best.taken;
  return [
    `If only one can be had, take ${name(chosen)}: it is worth the most, ${writeMoney(best.npv, format)}.`,
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
        `Going from ${name(from)} to ${name(to)} is a project of its own: it ${earns}is worth ${writeMoney(npv, format)}, so the larger one is ${npv > 0 ? "the better" : "not the better"} of the two.`,
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
    `The internal rate prefers ${contenders[byRate]?.name ?? ""}, as a small or quick project may earn a high rate on little money; go by the value.`,
  ];
}

function unequalLives(contenders: readonly Contender[], format: AnswerFormat): string[] {
  const lives = contenders.map(({ flows }) => (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0));
  if (lives.every((life) => Math.abs(life - (lives[0] ?? 0)) < 1e-9)) return [];
  const first = placesBy(contenders, "equivalentAnnual").indexOf(1);
  const own = contenders[first];
  const annual = own?.judged.ok === true ? own.judged.value.equivalentAnnual : null;
  if (own === undefined || annual === null) return [];
  const told = [...new Set(lives)].sort((one, other) => one - other).map(spanWords);
  return [
    `They do not last equally long (${told.join(", ")}). If each can be done again and again, compare what they are worth a year: ${own.name} is first with ${writeMoney(annual, format)}.`,
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
  if (best === null) return `nothing that fits is worth more than it costs.`;
  return `take ${listed(namesOf(contenders, best))}: ${money(best.outlay)} laid out today, ${best.taken.length > 1 ? "together " : ""}worth ${money(best.npv)}${best.outlay < budget ? `, and ${money(budget - best.outlay)} left` : ""}.`;
}

function namesOf(contenders: readonly Contender[], { taken }: Choice): string[] {
  return taken.map((place) => contenders[place]?.name ?? "");
}
