import type { FigureUnit } from "../../../engine/fields/figure-unit";
import type { Problem } from "../../../engine/problem/schema";
import { listUnknowns } from "../../../engine/problem/unknown";
import type { AnswerOf } from "../../../engine/question/answer-of";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import { overWords } from "../../../wording/span-words";
import { namesOf, type Names } from "../../input/names";
import { timesSaidIn } from "../../input/read-moment";
import { writePosition } from "../write/write-position";
import { figureIn, type EarlierPart } from "./earlier-parts";
import { quantityIn } from "./quantity";

/** Something that a later part can take up, as it is typed there. */
export interface Offered {
  /** "payment of (a)". */
  readonly text: string;
  readonly value: number;
  readonly unit: FigureUnit;
}

/** What a part offers to those after it: its answers, and what is asked further. */
export function offeredBy(part: EarlierPart): Offered[] {
  const { solved, draft } = part;
  if (solved === null) return [];
  const { problem, answers } = solved;
  const references: Pick<AnswerOf, "also" | "which">[] = [
    ...(answers.length === 1 ? [{}] : answers.map((_, which) => ({ which }))),
    ...(problem.also ?? []).map((_, also) => ({ also })),
  ];
  return references.flatMap((reference) => {
    const words = quantityWords(reference, problem);
    const figure = figureIn(part, words);
    return figure?.ok === true
      ? [{ text: `${words} of (${draft.part.label})`, ...figure.value }]
      : [];
  });
}

const ORDINALS = ["first", "second", "third", "fourth"];

/** What a reference takes up of a part; by its number where words would not be read as the same. */
export function quantityWords(
  { also, which }: Pick<AnswerOf, "also" | "which">,
  source: Problem,
): string {
  if (also === undefined) {
    if (which === undefined) return nounOf(source);
    const ordinal = ORDINALS[which];
    return ordinal === undefined ? `answer ${which + 1}` : `${ordinal} answer`;
  }
  const names = { ...namesOf(source.flows), ...timesSaidIn(source) };
  const question = source.also?.[also];
  const isSame = (words: string) => {
    const meant = quantityIn(source, words, names);
    return (
      meant?.kind === "follow-up" && JSON.stringify(meant.question) === JSON.stringify(question)
    );
  };
  return furtherWords(source, also, names).find(isSame) ?? `follow-up ${also + 1}`;
}

/** What the answer of a problem is called. */
function nounOf(problem: Problem): string {
  const [unknown] = listUnknowns(problem);
  if (unknown?.kind === "percent") return "rate";
  const flow = unknown?.field.on === "flow" ? problem.flows[unknown.field.line] : undefined;
  return unknown?.kind === "amount" && flow?.kind === "stream" ? "payment" : "answer";
}

function furtherWords({ also = [] }: Problem, place: number, names: Names): string[] {
  const question = also[place];
  switch (question?.find) {
    case undefined:
      return [];
    case "total":
      return [
        question.of === "in" || question.of === "out"
          ? `total ${question.of}`
          : `total of ${names.nameOf(question.of)}`,
      ];
    case "balance":
    case "value": {
      const at = writePosition(question.at, names);
      return ["after", "on", "at", ""].map((word) =>
        `${question.find} ${word} ${at}`.replace(/ +/g, " "),
      );
    }
    case "interest":
    case "principal": {
      const { find, from, to } = question;
      if (typeof from !== "string" || typeof to !== "string") return [];
      return [`${find} ${overWords(from, to, USUAL_FORMAT)}`];
    }
  }
}
