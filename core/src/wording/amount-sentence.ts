import type { FlowFieldRef } from "../engine/fields/field-ref";
import type { FlowOf, Position } from "../engine/problem/schema";
import type { Answer, RoundedPayment } from "../engine/solve/solution";
import type { SolvedFlow, SolvedProblem } from "../engine/solve/solved-problem";
import { writeDirected, writeMoney, type AnswerFormat } from "./answer-format";
import { capitalized } from "./capitalized";
import type { AnswerSentence } from "./answer-in-parts";
import { endWords } from "./end-words";
import { calendarDateWords, whenMomentWords } from "./format-time";
import { eachPeriod, frequencyWords } from "./quotation-words";

/** An unknown amount of any kind of flow as a sentence. */
export function amountSentence(
  { flows, facts }: SolvedProblem,
  { line, field, entry = 0 }: FlowFieldRef,
  answer: Answer,
  format: AnswerFormat,
): AnswerSentence {
  const own = flows[line];
  const flow = own?.file;
  const value = writeDirected(answer.value, answer.direction, format);
  const verb = (opens: boolean) => verbOf(answer, opens, format);
  switch (flow?.kind) {
    case "stream":
      return field === "growth"
        ? stepSentence(flow, answer, format)
        : flow.growth === undefined
          ? { ...levelPayment(flow, answer, format, facts.roundedPayment), value }
          : { lead: firstPaymentLead(answer, format), value, rest: "" };
    case "list": {
      const way = format.moneyOut === "minus" ? "" : `, money ${answer.direction ?? "in"},`;
      return { lead: `Amount ${entry + 1}${way} is`, value, rest: "" };
    }
    case "dated": {
      const on = flow.entries[entry]?.on;
      const when = on === undefined ? "On that day" : `On ${calendarDateWords(on)}`;
      return { lead: `${when}, ${verb(false)}`, value, rest: "" };
    }
    default:
      return {
        lead: `${whenWords(flow?.at ?? null, format)}, ${verb(isFirst(flows, own))}`,
        value,
        rest: "",
      };
  }
}

/** "You pay … at the end of each month", "…, with a final payment of …" where they are rounded to the cent. */
function levelPayment(
  { every, timing }: FlowOf<"stream">,
  answer: Answer,
  format: AnswerFormat,
  rounded: RoundedPayment | undefined,
) {
  const isMinus = format.moneyOut === "minus";
  return {
    lead: isMinus ? "The payment is" : answer.direction === "in" ? "You receive" : "You pay",
    rest: `${paidWhen(every, timing)}${rounded === undefined ? "" : finalWords(rounded, format)}`,
  };
}

/** "at the end of each month" */
export function paidWhen(every: string, timing: FlowOf<"stream">["timing"]): string {
  return `at the ${timing} of ${eachPeriod(frequencyWords(every).noun)}`;
}

function finalWords({ last }: RoundedPayment, format: AnswerFormat): string {
  return `, with a final payment of ${writeMoney(last.amount, format)}`;
}

function firstPaymentLead({ direction }: Answer, { moneyOut }: AnswerFormat): string {
  if (moneyOut === "minus") return "The first payment is";
  return direction === "in" ? "The first payment you receive is" : "Your first payment is";
}

/** A date that opens a sentence. */
export function whenWords(at: Position, format: AnswerFormat): string {
  if (at === null) return "At that time";
  if (typeof at !== "string") return `When ${endWords(at.endOf)}`;
  return capitalized(whenMomentWords(at, format));
}

/** With a minus sign the verb would repeat the direction, so it is left out. */
function verbOf({ direction }: Answer, opens: boolean, { moneyOut }: AnswerFormat): string {
  if (moneyOut === "minus") return "the amount is";
  return direction === "in" ? "you receive" : opens ? "you invest" : "you pay";
}

/** Whether no cash flow comes before the unknown single amount. */
function isFirst(flows: readonly SolvedFlow[], own: SolvedFlow | undefined): boolean {
  if (own?.kind !== "single") return false;
  return flows.every(({ settled }) => {
    if (settled.kind === "dated") return false;
    return (settled.kind === "single" ? settled.at : settled.begins) >= own.settled.at;
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
    rest: eachPeriod(each),
  };
}
