import type { FollowUp, KnownPosition, Problem } from "../engine/problem/schema";
import type { AnswerFormat } from "./answer-format";
import { endWords } from "./end-words";
import { momentWords, whenMomentWords } from "./format-time";
import { overWords } from "./span-words";

/** A follow-up question as a short name: "Balance after 1 year 3 months". */
export function followUpWords(question: FollowUp, problem: Problem, format: AnswerFormat): string {
  switch (question.find) {
    case "value":
      return `Net value ${atWords(question.at, format)}`;
    case "balance":
      return `Balance ${atWords(question.at, format)}`;
    case "interest":
      return `Interest ${spanWords(question.from, question.to, format)}`;
    case "principal":
      return `Principal ${spanWords(question.from, question.to, format)}`;
    case "total":
      return `Total ${totalWords(question.of, problem)}`;
  }
}

function atWords(position: KnownPosition, format: AnswerFormat): string {
  if (typeof position !== "string") return `when ${endWords(position.endOf)}`;
  return whenMomentWords(position, format);
}

function spanWords(from: KnownPosition, to: KnownPosition, format: AnswerFormat): string {
  if (typeof from === "string" && typeof to === "string") return overWords(from, to, format);
  const words = (position: KnownPosition) =>
    typeof position === "string"
      ? momentWords(position, format)
      : `when ${endWords(position.endOf)}`;
  return `from ${words(from)} to ${words(to)}`;
}

function totalWords(of: string, problem: Problem): string {
  if (of === "in" || of === "out") return `money ${of}`;
  return `of ${problem.flows.find(({ id }) => id === of)?.label ?? of}`;
}
