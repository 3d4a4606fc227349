import type { FlowOf, Position, Problem } from "../problem/schema";
import type { Answer, Solution } from "../solve/solution";
import { yearsOf } from "../time/duration";
import { writeDirected, writeMoney, type AnswerFormat } from "./answer-format";
import type { AnswerSentence } from "./answer-sentence";
import { endWords } from "./end-words";
import { durationWords } from "./format-time";
import { frequencyWords } from "./quotation-words";

/** An unknown amount of any kind of flow as a sentence. */
export function amountSentence(
  problem: Problem,
  solution: Solution,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const { path } = solution.unknown;
  const flow = problem.flows[Number(path[1])];
  const value = writeDirected(answer.value, answer.direction, format);
  const verb = (opens: boolean) => verbOf(answer, opens, format);
  switch (flow?.kind) {
    case "stream":
      return path[2] === "growth"
        ? stepSentence(flow, answer, format)
        : {
            lead: `${flow.growth === undefined ? "Each time" : "The first time"} ${verb(false)}`,
            value,
            rest: frequencyWords(flow.every).adverb,
          };
    case "list": {
      const words = answer.direction === "in" ? "coming in" : "going out";
      const way = format.moneyOut === "minus" ? "" : words;
      return { lead: `Amount number ${Number(path[3]) + 1} is`, value, rest: way };
    }
    case "dated": {
      const on = flow.entries[Number(path[3])]?.on ?? "that day";
      return { lead: `On ${on} ${verb(false)}`, value, rest: "" };
    }
    default:
      return {
        lead: `${whenWords(flow?.at ?? null)} ${verb(isFirst(solution))}`,
        value,
        rest: "",
      };
  }
}

/** A place in time that opens a sentence. */
export function whenWords(at: Position): string {
  if (at === null) return "Then";
  if (typeof at !== "string") return `When ${endWords(at.endOf)}`;
  return yearsOf(at) === 0 ? "Today" : `After ${durationWords(at)}`;
}

/** A minus says who pays whom, and a verb that says it too would say it twice. */
function verbOf({ direction }: Answer, opens: boolean, { moneyOut }: AnswerFormat): string {
  if (moneyOut === "minus") return "the amount is";
  return direction === "in" ? "you receive" : opens ? "you put in" : "you pay";
}

/** Whether nothing moves before the single amount that was asked for. */
function isFirst({ unknown, settled }: Solution): boolean {
  const own = settled.flows[Number(unknown.path[1])];
  if (own?.kind !== "single") return false;
  return settled.flows.every((flow) => {
    if (flow.kind === "dated") return false;
    return (flow.kind === "single" ? flow.at : flow.begins) >= own.at;
  });
}

function stepSentence(
  { growth }: FlowOf<"stream">,
  { value }: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const each = frequencyWords(growth?.every ?? "P1Y").noun;
  return {
    lead: value < 0 ? "The payments fall by" : "The payments rise by",
    value: writeMoney(Math.abs(value), format),
    rest: `each ${each}`,
  };
}
