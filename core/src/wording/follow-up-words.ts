import type { FollowUp, KnownPosition, Problem } from "../problem/schema";
import { yearsOf } from "../time/duration";
import { endWords } from "./end-words";
import { durationWords } from "./format-time";
import { overWords } from "./span-words";

/** A follow-up question as a short name: "Balance after 1 year 3 months". */
export function followUpWords(question: FollowUp, problem: Problem): string {
  switch (question.find) {
    case "value":
      return `Net value ${atWords(question.at)}`;
    case "balance":
      return `Balance ${atWords(question.at)}`;
    case "interest":
      return `Interest ${spanWords(question.from, question.to)}`;
    case "principal":
      return `Principal ${spanWords(question.from, question.to)}`;
    case "total":
      return `Total ${totalWords(question.of, problem)}`;
  }
}

function atWords(position: KnownPosition): string {
  if (typeof position !== "string") return `when ${endWords(position.endOf)}`;
  return yearsOf(position) === 0 ? "today" : `after ${durationWords(position)}`;
}

function spanWords(from: KnownPosition, to: KnownPosition): string {
  if (typeof from === "string" && typeof to === "string") return overWords(from, to);
  const words = (position: KnownPosition) =>
    typeof position === "string" ? durationWords(position) : `when ${endWords(position.endOf)}`;
  return `from ${words(from)} to ${words(to)}`;
}

function totalWords(of: string, problem: Problem): string {
  if (of === "in" || of === "out") return `money ${of}`;
  return `of ${problem.flows.find(({ id }) => id === of)?.label ?? of}`;
}
