import type { NamedFigure } from "../../input/arithmetic";
import { namesOf } from "../../input/names";
import type { Problem } from "../../problem/schema";
import type { Answer, Solution } from "../../solve/solution";
import { followUpWords } from "../../wording/follow-up-words";

/**
 * What may stand in a side sum by its name: the answer, what goes with it, the answers to follow-ups,
 * and the amount of every line. A name that two things would have is given to the first.
 */
export function namedFigures(problem: Problem, solution: Solution): NamedFigure[] {
  const found = [
    ...answers(solution),
    ...totals(solution),
    ...payments(problem, solution),
    ...rates(solution),
    ...followUps(problem, solution),
    ...lines(problem, solution),
  ];
  const taken = new Set<string>();
  return found.filter(({ words, value }) => {
    if (!Number.isFinite(value) || taken.has(words)) return false;
    taken.add(words);
    return true;
  });
}

function answers({ answers }: Solution): NamedFigure[] {
  return answers.map((answer, place) =>
    figureOf(place === 0 ? "answer" : `answer ${place + 1}`, answer),
  );
}

function figureOf(words: string, { unit, value }: Answer): NamedFigure {
  switch (unit) {
    case "money":
      return { words, value, is: "money" };
    case "percent":
      return percentage(words, value);
    default:
      return { words, value, is: "number" };
  }
}

function percentage(words: string, percent: number): NamedFigure {
  return { words, value: percent / 100, is: "percentage" };
}

function totals({ facts }: Solution): NamedFigure[] {
  const money = (words: string, value: number | null | undefined): NamedFigure[] =>
    value === null || value === undefined ? [] : [{ words, value, is: "money" }];
  return [
    ...money("total in", facts.totalIn),
    ...money("total out", facts.totalOut),
    ...money("interest", facts.interest),
  ];
}

function payments(problem: Problem, { facts: { streams } }: Solution): NamedFigure[] {
  const names = namesOf(problem.flows);
  return streams.flatMap(({ id, payments: count, percentPerPayment }) => {
    const name = streams.length === 1 ? "" : `${names.nameOf(id)} `;
    return [
      ...(count === null
        ? []
        : [{ words: `${name}payments`, value: count, is: "number" as const }]),
      percentage(`rate per ${name}payment`, percentPerPayment),
    ];
  });
}

function rates({ facts, settled }: Solution): NamedFigure[] {
  const [spell] = settled.spells;
  const [effective] = facts.effectivePercents;
  return [
    ...(spell === undefined ? [] : [percentage("rate", spell.percent)]),
    ...(effective === undefined || effective === null
      ? []
      : [percentage("effective rate", effective)]),
  ];
}

function followUps(problem: Problem, { also }: Solution): NamedFigure[] {
  return (problem.also ?? []).flatMap((question, index) => {
    const value = also[index];
    if (value === null || value === undefined) return [];
    return [{ words: followUpWords(question, problem).toLowerCase(), value, is: "money" as const }];
  });
}

function lines({ flows }: Problem, { settled }: Solution): NamedFigure[] {
  const names = namesOf(flows);
  return settled.flows.flatMap((flow) => {
    if (flow.kind !== "single" && flow.kind !== "stream") return [];
    return [{ words: names.nameOf(flow.id), value: Math.abs(flow.amount), is: "money" as const }];
  });
}
