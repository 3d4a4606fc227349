import type { Problem } from "../problem/schema";
import { quotationOf } from "../rates/quotation";
import { yearsOf } from "../time/duration";
import type { Answer, Solution } from "../solve/solution";
import { formatFigure, formatMoney, formatPercent } from "./format-number";
import { durationWords, formatYears, formatYearsMonthsDays } from "./format-time";
import { quotationWords } from "./quotation-words";

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
  answer: Answer = solution.answers[0],
): AnswerSentence {
  switch (answer.unit) {
    case "money":
      return solution.unknown.kind === "value"
        ? worthSentence(problem, solution, answer)
        : amountSentence(problem, solution, answer);
    case "percent":
      return rateSentence(problem, solution, answer);
    case "years":
      return {
        lead: "It takes",
        value: formatYears(answer.value),
        rest: `that is ${formatYearsMonthsDays(answer.value)}`,
      };
    case "payments":
      return { lead: "It takes", value: formatFigure(answer.value, 2), rest: "payments" };
  }
}

/** The same as one plain sentence, for lists, screen readers and copying. */
export function answerText(problem: Problem, solution: Solution): string {
  const { lead, value, rest } = answerSentence(problem, solution);
  const text = [lead, value, rest === "" || rest.startsWith("that") ? "" : rest];
  return `${text.filter(Boolean).join(" ")}.`;
}

function amountSentence(problem: Problem, solution: Solution, answer: Answer): AnswerSentence {
  const flow = problem.flows[Number(solution.unknown.path[1])];
  const at = flow !== undefined && "at" in flow ? flow.at : null;
  const words = typeof at === "string" ? when(at) : "Then";
  const isFirst = solution.settled.flows.every(
    (settled) => settled.at >= (solution.settled.flows[Number(solution.unknown.path[1])]?.at ?? 0),
  );
  const verb = answer.direction === "in" ? "you receive" : isFirst ? "you put in" : "you pay";
  return { lead: `${words} ${verb}`, value: formatMoney(answer.value), rest: "" };
}

function worthSentence(problem: Problem, solution: Solution, answer: Answer): AnswerSentence {
  const at = problem.ask?.at;
  const words = typeof at === "string" ? when(at) : "Then";
  const value = formatMoney(Math.abs(answer.value));
  const { totalIn, totalOut } = solution.facts;
  if (totalOut === 0) return { lead: `${words} the money in is worth`, value, rest: "" };
  if (totalIn === 0) return { lead: `${words} the money out is worth`, value, rest: "" };
  const side = answer.value < 0 ? "against you" : "in your favour";
  return { lead: `${words} it is all worth`, value, rest: side };
}

function when(duration: string): string {
  return yearsOf(duration) === 0 ? "Today" : `After ${durationWords(duration)}`;
}

function rateSentence(problem: Problem, solution: Solution, answer: Answer): AnswerSentence {
  const rate = problem.rates[Number(solution.unknown.path[1])];
  return {
    lead: "The rate is",
    value: formatPercent(answer.value),
    rest: rate === undefined ? "" : quotationWords(quotationOf(rate)),
  };
}
