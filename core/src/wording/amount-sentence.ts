import type { FlowOf, Position, Problem } from "../problem/schema";
import type { Answer, Solution } from "../solve/solution";
import { yearsOf } from "../time/duration";
import type { AnswerSentence } from "./answer-sentence";
import { endWords } from "./end-words";
import { formatMoney } from "./format-number";
import { durationWords } from "./format-time";
import { frequencyWords } from "./quotation-words";

/** An unknown amount of any kind of flow as a sentence. */
export function amountSentence(
  problem: Problem,
  solution: Solution,
  answer: Answer,
): AnswerSentence {
  const { path } = solution.unknown;
  const flow = problem.flows[Number(path[1])];
  const value = formatMoney(Math.abs(answer.value));
  switch (flow?.kind) {
    case "stream":
      return path[2] === "growth"
        ? stepSentence(flow, answer)
        : {
            lead: `${flow.growth === undefined ? "Each time" : "The first time"} ${verbOf(answer, false)}`,
            value,
            rest: frequencyWords(flow.every).adverb,
          };
    case "list": {
      const way = answer.direction === "in" ? "coming in" : "going out";
      return { lead: `Amount number ${Number(path[3]) + 1} is`, value, rest: way };
    }
    case "dated": {
      const on = flow.entries[Number(path[3])]?.on ?? "that day";
      return { lead: `On ${on} ${verbOf(answer, false)}`, value, rest: "" };
    }
    default:
      return {
        lead: `${whenWords(flow?.at ?? null)} ${verbOf(answer, isFirst(solution))}`,
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

function verbOf({ direction }: Answer, opens: boolean): string {
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

function stepSentence({ growth }: FlowOf<"stream">, { value }: Answer): AnswerSentence {
  const each = frequencyWords(growth?.every ?? "P1Y").noun;
  return {
    lead: value < 0 ? "The payments fall by" : "The payments rise by",
    value: formatMoney(Math.abs(value)),
    rest: `each ${each}`,
  };
}
