import type { Flow, Rate } from "../engine/problem/schema";
import { quotationOf } from "../engine/rates/quotation";
import type { Answer } from "../engine/solve/solution";
import type { SolvedProblem } from "../engine/solve/solved-problem";
import { amountSentence, whenWords } from "./amount-sentence";
import {
  USUAL_FORMAT,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
} from "./answer-format";
import type { AnswerSentence } from "./answer-in-parts";
import { toldCount, wholePaymentsWords } from "./count-words";
import { dateAt } from "../engine/time/moment";
import { calendarOf } from "../engine/problem/calendar-of";
import { calendarDateWords, formatYears, formatYearsMonthsDays } from "./format-time";
import { eachPeriod, frequencyWords, quotationWords } from "./quotation-words";

/** The answer as a sentence with its unit and direction: "After 6 years you receive 5,895.62." */
export function answerSentence(
  solved: SolvedProblem,
  format: AnswerFormat = USUAL_FORMAT,
  answer: Answer = solved.answers[0],
): AnswerSentence {
  const { problem, unknown } = solved;
  switch (unknown.kind) {
    case "value":
      return worthSentence(solved, answer, format);
    case "amount":
      return amountSentence(solved, unknown.field, answer, format);
    case "percent":
      return rateSentence(problem.rates[unknown.field.line], answer, format);
    case "growth":
      return growthSentence(problem.flows[unknown.field.line], answer, format);
    case "count":
      return countSentence(solved, answer, format);
    case "at":
    case "begins":
      return timeSentence(solved, unknown, answer, format);
  }
}

/** The answer as one sentence, for lists, screen readers and copying. */
export function answerText(solved: SolvedProblem, format: AnswerFormat = USUAL_FORMAT): string {
  const { lead, rest } = answerSentence(solved, format);
  // Several answers are all told; only one of them has its time in other units too.
  const values = solved.answers.map((answer) => answerSentence(solved, format, answer).value);
  const value = values.join(" or ");
  if (values.length > 1 && rest.startsWith("that")) return `${lead} ${value}.`;
  if (rest === "") return `${lead} ${value}.`;
  return rest.startsWith("that") ? `${lead} ${value}, ${rest}.` : `${lead} ${value} ${rest}.`;
}

function worthSentence(
  { problem, facts }: SolvedProblem,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const at = problem.ask?.at ?? null;
  const when = whenWords(at, format);
  const isToday = when === "Today";
  const { totalIn, totalOut } = facts;
  const isOneSided = totalOut === 0 || totalIn === 0;
  const name = isOneSided ? "value" : "net value";
  return {
    lead: isToday ? `The ${name.replace("value", "present value")} is` : `${when}, the ${name} is`,
    // A net value carries its sign; a value of one side only has no direction to lose.
    value: writeMoney(isOneSided ? Math.abs(answer.value) : answer.value, format),
    rest: "",
  };
}

function timeSentence(
  { problem }: SolvedProblem,
  { kind, field }: SolvedProblem["unknown"],
  { value: years }: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const value = formatYears(Math.abs(years), format);
  const calendar = hasOwnDates(problem) ? calendarOf(problem) : null;
  const date = calendar === null ? null : dateAt(years, calendar);
  const length = formatYearsMonthsDays(Math.abs(years), format);
  const exact = `that is ${length}${date === null ? "" : `, on ${calendarDateWords(date)}`}`;
  if (years < 0) return { lead: "It was", value: `${value} ago`, rest: exact };
  const line = field.on === "flow" ? problem.flows[field.line] : undefined;
  return { lead: kind === "at" ? "It takes" : beginsLead(line), value, rest: exact };
}

/** Whether today has a date; a list of dates alone speaks of its own days. */
function hasOwnDates({ today }: SolvedProblem["problem"]): boolean {
  return today !== undefined;
}

function beginsLead(flow: Flow | undefined): string {
  const isStream = flow?.kind === "stream";
  return `The ${isStream ? "payments" : "amounts"} begin after`;
}

function rateSentence(
  rate: Rate | undefined,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  return {
    lead: "The rate is",
    value: writeRate(answer.value, format),
    rest: rate === undefined ? "" : quotationWords(quotationOf(rate)),
  };
}

function growthSentence(
  flow: Flow | undefined,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const every = flow?.kind === "stream" ? flow.growth?.every : undefined;
  return {
    lead: answer.value < 0 ? "The payments decrease by" : "The payments grow by",
    value: writeRate(Math.abs(answer.value), format),
    rest: every === undefined ? "" : eachPeriod(frequencyWords(every).noun),
  };
}

function countSentence(
  { facts }: SolvedProblem,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const whole = facts.wholePayments;
  return {
    lead: "It takes",
    value: writeFigure(toldCount(answer.value, whole), format, 2),
    rest: wholePaymentsWords(whole, format),
  };
}
