import type { Problem } from "../problem/schema";
import { quotationOf } from "../rates/quotation";
import type { Answer, Solution } from "../solve/solution";
import { amountSentence, whenWords } from "./amount-sentence";
import {
  USUAL_FORMAT,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
} from "./answer-format";
import { formatYearsMonthsDays } from "./format-time";
import { frequencyWords, quotationWords } from "./quotation-words";

/** An answer in three parts, so that a screen can make the middle one large. */
export interface AnswerSentence {
  readonly lead: string;
  readonly value: string;
  readonly rest: string;
}

/** The answer as a sentence with its unit and direction: "After 6 years you receive 5,895.62." */
export function answerSentence(
  problem: Problem,
  solution: Solution,
  format: AnswerFormat = USUAL_FORMAT,
  answer: Answer = solution.answers[0],
): AnswerSentence {
  switch (solution.unknown.kind) {
    case "value":
      return worthSentence(problem, solution, answer, format);
    case "amount":
      return amountSentence(problem, solution, answer, format);
    case "percent":
      return rateSentence(problem, solution, answer, format);
    case "growth":
      return growthSentence(problem, solution, answer, format);
    case "count":
      return countSentence(solution, answer, format);
    case "at":
    case "begins":
      return {
        lead: solution.unknown.kind === "at" ? "It takes" : "It begins after",
        value: yearsInWords(answer.value, format),
        rest: `that is ${formatYearsMonthsDays(answer.value)}`,
      };
  }
}

/** The same as one plain sentence, for lists, screen readers and copying. */
export function answerText(
  problem: Problem,
  solution: Solution,
  format: AnswerFormat = USUAL_FORMAT,
): string {
  const { lead, value, rest } = answerSentence(problem, solution, format);
  return rest === "" || rest.startsWith("that") ? `${lead} ${value}.` : `${lead} ${value} ${rest}.`;
}

function worthSentence(
  problem: Problem,
  solution: Solution,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const words = whenWords(problem.ask?.at ?? null);
  const value = writeMoney(Math.abs(answer.value), format);
  const { totalIn, totalOut } = solution.facts;
  if (totalOut === 0) return { lead: `${words} the money in is worth`, value, rest: "" };
  if (totalIn === 0) return { lead: `${words} the money out is worth`, value, rest: "" };
  if (format.moneyOut === "minus") {
    return { lead: `${words} it is all worth`, value: writeMoney(answer.value, format), rest: "" };
  }
  const side = answer.value < 0 ? "against you" : "in your favour";
  return { lead: `${words} it is all worth`, value, rest: side };
}

function rateSentence(
  problem: Problem,
  solution: Solution,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const rate = problem.rates[Number(solution.unknown.path[1])];
  return {
    lead: "The rate is",
    value: writeRate(answer.value, format),
    rest: rate === undefined ? "" : quotationWords(quotationOf(rate)),
  };
}

function growthSentence(
  problem: Problem,
  solution: Solution,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const flow = problem.flows[Number(solution.unknown.path[1])];
  const every = flow?.kind === "stream" ? flow.growth?.every : undefined;
  return {
    lead: answer.value < 0 ? "The payments shrink by" : "The payments grow by",
    value: writeRate(Math.abs(answer.value), format),
    rest: every === undefined ? "" : `each ${frequencyWords(every).noun}`,
  };
}

function countSentence({ facts }: Solution, answer: Answer, format: AnswerFormat): AnswerSentence {
  const last = facts.wholePayments?.smallerLast;
  const full = facts.wholePayments?.full ?? 0;
  return {
    lead: "It takes",
    value: writeFigure(answer.value, format, 2),
    rest:
      last === undefined
        ? "payments"
        : `payments: ${full === 0 ? "none in full" : `${writeFigure(full, format)} in full`}, and a last one of ${writeMoney(last.amount, format)}`,
  };
}

function yearsInWords(years: number, format: AnswerFormat): string {
  const figure = writeFigure(years, format, 2);
  return `${figure} year${figure === "1" ? "" : "s"}`;
}
