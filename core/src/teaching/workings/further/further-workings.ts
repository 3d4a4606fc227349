import type { Flow, FollowUp, Problem } from "../../../engine/problem/schema";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { USUAL_FORMAT, writeMoney, type AnswerFormat } from "../../../wording/answer-format";
import { followUpWords } from "../../../wording/follow-up-words";
import { beyondNumbers, canBeWritten } from "../can-be-written";
import { chain, part } from "../compose/equation";
import { Sheet } from "../compose/sheet";
import { number, of } from "../mathematics/expression";
import { UNROUNDED } from "../mathematics/figures";
import type { Step } from "../step";
import { step, stepsAt } from "../steps";
import { roundingStep } from "../rounding-step";
import type { Workings, WorkingsOptions } from "../workings";
import { linePlain } from "../write-line";
import { interestOver, principalOver } from "./span";
import { storyOf, type Story } from "./story";
import { balanceAt } from "./balance";
import { totalSteps } from "./total";
import { valueSteps } from "./value";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.followUp;

/** The workings of one follow-up question. */
export interface FurtherWorkings extends Workings {
  readonly question: FollowUp;
}

/**
 * The workings of the follow-up questions of a solved problem. They continue from its own workings: the answer
 * is now a known value, and earlier conversions are not repeated.
 *
 * @param solved as `solve` found it
 * @param before its own workings, with the same options
 * @returns one for each question of `also`, in their order; `null` if a question has no finite answer
 * Accuracy: the last value agrees with the engine's answer to the question to a relative 1e-9, or to 1e-9
 *   of the largest amount if amounts cancel, unless intermediate values are rounded
 * Source: Kellison, The Theory of Interest, ch. 5 (retrospective and prospective methods)
 */
export function furtherWorkings(
  solved: SolvedProblem,
  before: Workings,
  {
    level = "every-step",
    rounding = UNROUNDED,
    format = USUAL_FORMAT,
    balances: method = "shorter",
  }: WorkingsOptions = {},
): (FurtherWorkings | null)[] {
  const { problem } = solved;
  const told = new Set(before.steps.map(textOf));
  const balances = new Map<number, number>();
  const mostQuestions = MOST_MOVES / movesOfOne(problem);
  return (problem.also ?? []).map((question, index) => {
    const answer = solved.also[index];
    if (answer === null || answer === undefined) return null;
    const sheet = new Sheet(rounding, `q${index + 1}_`, format);
    if (index >= mostQuestions) return withoutFormula(question, answer, sheet, problem, format);
    const story = { ...storyOf(solved, before, sheet, balances), method };
    const steps = stepsFor(question, story);
    sheet.numberLetters();
    const result = steps.findLast(({ finds }) => finds !== undefined)?.finds;
    if (result === undefined) throw new TypeError("Workings find the unknown");
    const all: Step[] = [
      ...wholePayments(story),
      ...steps.filter((step) => step.kind === "value" || !told.has(textOf(step))),
      ...roundingStep(result.value, answer, rounding, format),
      answerStep(question, problem, answer, format),
    ];
    const isWritable = canBeWritten(all, sheet.quantities);
    const shown = isWritable ? all : [beyondNumbers(answer), ...all.slice(-1)];
    return {
      question,
      result,
      steps: stepsAt(level, shown),
      quantities: sheet.quantities,
    };
  });
}

/** The most factors that move a flow from one rate to the next, in all formulas together: about a second of work. */
const MOST_MOVES = 30_000;

/** How many such factors one question takes at most; a question about a span needs two balances. */
function movesOfOne({ flows, rates, also }: Problem): number {
  const spells = rates.length;
  const parts = flows.reduce((sum, flow) => {
    if (flow.kind === "stream") return sum + spells;
    return sum + (flow.kind === "single" ? 1 : Math.min(spells, sizeOf(flow)));
  }, 0);
  return parts * Math.max(1, spells / 2) * (also?.length === 1 ? 1 : 2);
}

function sizeOf(flow: Exclude<Flow, { kind: "single" | "stream" }>): number {
  return flow.kind === "list" ? flow.amounts.length : flow.entries.length;
}

/** The value alone, where a formula for each question would take too long to write, and to read. */
function withoutFormula(
  question: FollowUp,
  answer: number,
  sheet: Sheet,
  problem: Problem,
  format: AnswerFormat,
): FurtherWorkings {
  const result = sheet.work(sheet.letter("B"), "money", number(answer));
  return {
    question,
    result,
    steps: [
      {
        kind: "value",
        level: "short",
        say: WORDS.tooLong,
        lines: [
          { ...chain(part(of(result), "symbols"), part(of(result), "values")), defines: result },
        ],
        value: answer,
        finds: result,
      },
      answerStep(question, problem, answer, format),
    ],
    quantities: sheet.quantities,
  };
}

function answerStep(
  question: FollowUp,
  problem: Problem,
  answer: number,
  format: AnswerFormat,
): Step {
  return {
    kind: "answer",
    level: "short",
    say: `${followUpWords(question, problem, format)}: ${writeMoney(answer, format)}.`,
    lines: [],
    value: answer,
  };
}

function stepsFor(question: FollowUp, story: Story): readonly Step[] {
  switch (question.find) {
    case "value":
      return valueSteps(story, story.yearsAt(question.at));
    case "balance":
      return balanceAt(story, story.yearsAt(question.at)).steps;
    case "principal":
      return principalOver(story, spanOf(question, story));
    case "interest":
      return interestOver(story, spanOf(question, story));
    case "total":
      return totalSteps(story, question.of);
  }
}

function spanOf({ from, to }: Extract<FollowUp, { find: "interest" | "principal" }>, story: Story) {
  return { from: story.yearsAt(from), to: story.yearsAt(to) };
}

/** The account has whole payments, or payments in whole cents, and a final one. */
function wholePayments({ composition }: Story): Step[] {
  const { sheet, flows, solved } = composition;
  const { unknown, facts } = solved;
  const { wholePayments: whole, roundedPayment } = facts;
  const final = whole?.last ?? roundedPayment?.last ?? null;
  if (final === null || unknown.field.on !== "flow") return [];
  const count = flows[unknown.field.line]?.count ?? null;
  const last = flows.at(-1)?.size ?? null;
  if (count === null || last === null) return [];
  const { lines } = sheet.record(() => {
    sheet.tell(count, WORDS.fullPayments);
    sheet.tell(last, WORDS.finalPayment);
  });
  const says = whole === undefined ? STEP_WORDS.roundedPayment.paid : WORDS.wholePayments;
  return [step("number-of-periods", "short", says, ...lines)];
}

function textOf({ say, lines }: Step): string {
  return JSON.stringify([say, lines.map((line) => linePlain(line))]);
}
