import type { Flow, Direction } from "../../../engine/problem/schema";
import type { SolvedFlow } from "../../../engine/solve/solved-problem";
import { spanWords } from "../../../wording/format-time";
import { frequencyWords } from "../../../wording/quotation-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import type { AnswerFormat } from "../../../wording/answer-format";

/** The name of a flow in the workings. */
export function flowName({ file, settled }: SolvedFlow, format: AnswerFormat): string {
  const label = file.label?.trim() ?? "";
  if (label !== "") return `“${label}”`;
  if (file.kind === "stream") {
    return `the ${frequencyWords(file.every).adverb} payments you ${verbOf(file.direction)}`;
  }
  if (file.kind !== "single") return "the listed amounts";
  return settled.kind === "single" ? singleName(file, settled.at, format) : "the amount";
}

function singleName(
  { at, direction }: Extract<Flow, { kind: "single" }>,
  years: number,
  format: AnswerFormat,
): string {
  if (at === null) return STEP_WORDS.date.unknownAmount;
  if (typeof at !== "string") return `the amount you ${verbOf(direction)} when the payments end`;
  const when = years === 0 ? "today" : `after ${spanWords(years, format)}`;
  return `the amount you ${verbOf(direction)} ${when}`;
}

function verbOf(direction: Direction): string {
  return direction === "in" ? "receive" : "pay";
}

export function capitalized(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A date of the timeline in words. */
export function dateWords(years: number, format: AnswerFormat): string {
  return years === 0 ? "today" : `${spanWords(years, format)} from today`;
}
