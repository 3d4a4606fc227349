import { isSameTime } from "../../../engine/numbers/compare";
import { timesOf } from "../../../engine/problem/problem-times";
import type { Flow, Direction, Problem } from "../../../engine/problem/schema";
import type { SolvedFlow } from "../../../engine/solve/solved-problem";
import { isDate, yearsOfMoment } from "../../../engine/time/moment";
import { calendarOf } from "../../../engine/problem/calendar-of";
import { calendarDateWords, spanWords, whenMomentWords } from "../../../wording/format-time";
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
  return `the amount you ${verbOf(direction)} ${saidWhen(at, years, format)}`;
}

function verbOf(direction: Direction): string {
  return direction === "in" ? "receive" : "pay";
}

/** A time of a problem that was said as a date. */
export interface NamedDate {
  readonly years: number;
  /** "20 September 2027" */
  readonly words: string;
}

/** The dates by which a problem says its times. */
export function namedDates(problem: Problem): NamedDate[] {
  const calendar = calendarOf(problem);
  return timesOf(problem)
    .filter(({ time }) => isDate(time))
    .map(({ time }) => ({
      years: yearsOfMoment(time, calendar),
      words: calendarDateWords(time),
    }));
}

interface InWords {
  readonly format: AnswerFormat;
  readonly dates: readonly NamedDate[];
}

/** When something is, on the timeline: "today", "9 months from today", "on 20 September 2027". */
export function dateWords(years: number, inWords: InWords): string {
  const date = namedDate(years, inWords);
  return `${date === null ? "" : "on "}${nameOfDate(years, inWords)}`;
}

/** A date of the timeline by its name: "today", "9 months from today", "20 September 2027". */
export function nameOfDate(years: number, inWords: InWords): string {
  if (years === 0) return "today";
  const { format } = inWords;
  return (
    namedDate(years, inWords) ??
    (years < 0
      ? `${spanWords(-years, format)} before today`
      : `${spanWords(years, format)} from today`)
  );
}

function namedDate(years: number, { dates }: InWords): string | null {
  if (years === 0) return null;
  return dates.find((one) => isSameTime(one.years, years))?.words ?? null;
}

/** The time of an amount, as its line says it: "today", "after 9 months", "9 months ago", "on 20 September 2027". */
export function saidWhen(at: string, years: number, format: AnswerFormat): string {
  if (isDate(at) || years < 0) return whenMomentWords(at, format);
  return years === 0 ? "today" : `after ${spanWords(years, format)}`;
}
