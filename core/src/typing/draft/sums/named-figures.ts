import type { NamedFigure } from "../../input/arithmetic";
import { namesOf } from "../../input/names";
import type { Answer, Solution } from "../../../engine/solve/solution";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { followUpWords } from "../../../wording/follow-up-words";
import { USUAL_FORMAT } from "../../../wording/answer-format";

/**
 * The values that a calculation can use by name: the answer, its companions, the answers to follow-up questions,
 * and the amount of every line. If two values share a name, the first has it.
 */
export function namedFigures(solved: SolvedProblem): NamedFigure[] {
  const found = [
    ...answers(solved),
    ...totals(solved),
    ...payments(solved),
    ...rates(solved),
    ...followUps(solved),
    ...lines(solved),
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
  // Beside the answer they have longer names, which are read as well.
  const also = (words: string, value: number | null | undefined): NamedFigure[] =>
    money(words, value).map((figure) => ({ ...figure, isFormer: true }));
  return [
    ...money("total in", facts.totalIn),
    ...money("total out", facts.totalOut),
    ...money("interest", facts.interest),
    ...also("total money in", facts.totalIn),
    ...also("total money out", facts.totalOut),
    ...also(`interest ${facts.interestIs ?? "paid"}`, facts.interest),
  ];
}

function payments({ problem, facts: { streams } }: SolvedProblem): NamedFigure[] {
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
      : [
          percentage("effective rate", effective),
          { ...percentage("effective annual rate", effective), isFormer: true as const },
        ]),
  ];
}

function followUps({ problem, also }: SolvedProblem): NamedFigure[] {
  return (problem.also ?? []).flatMap((question, index) => {
    const value = also[index];
    if (value === null || value === undefined) return [];
    const words = followUpWords(question, problem, USUAL_FORMAT).toLowerCase();
    const figure: NamedFigure = { words, value, is: "money" };
    // Calculations saved under the earlier name of this question still work.
    const former = words.replace(/^net value/, "worth of everything");
    return former === words ? [figure] : [figure, { ...figure, words: former, isFormer: true }];
  });
}

function lines({ problem, flows }: SolvedProblem): NamedFigure[] {
  const names = namesOf(problem.flows);
  return flows.flatMap(({ file, settled }) => {
    if (!("amount" in settled)) return [];
    const value = Math.abs(settled.amount);
    return [{ words: names.nameOf(file.id), value, is: "money" as const }];
  });
}
