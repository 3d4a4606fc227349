import type { Problem } from "../../engine/problem/schema";
import type { SolvedProblem } from "../../engine/solve/solved-problem";
import type { AskKind } from "../asked/ask-kind";

/** What the words of a question say beside its kind. */
export interface AskedBeside {
  /** Of what is paid each time: "What does each come to?" */
  readonly isOfEach: boolean;
  /** Of what is paid so often: "how much at the end of each month?" */
  readonly isRhythmAsked: boolean;
  /** Of a later time. */
  readonly isLaterAsked: boolean;
}

/**
 * Whether the unknown of a problem is of the kind that the question asks for. A reading that finds a loan where a
 * payment is asked has gone wrong somewhere.
 */
export function agrees(
  kind: AskKind,
  problem: Problem,
  { isOfEach, isRhythmAsked, isLaterAsked }: AskedBeside,
): boolean {
  if (kind === "count" || kind === "time" || kind === "begins") return isTimeUnknown(problem);
  if (kind === "rate") return problem.rates.some(({ percent }) => percent === null);
  // "What would it become at that rate?": an amount is asked for, and no rate.
  const isOfAmount = AMOUNTS.has(kind);
  if (isOfAmount && problem.rates.some(({ percent }) => percent === null)) return false;
  if (kind === "net-value") return problem.ask !== undefined && hasBothWays(problem);
  const stream = problem.flows.find((flow) => flow.kind === "stream");
  if (stream?.kind !== "stream") return agreesWithoutPayments(kind, problem, isRhythmAsked);
  const single = problem.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  const isLate = single?.kind === "single" && single.at !== "P0D";
  const isValue = problem.ask !== undefined;
  const isPaymentAsked = problem.flows.some(
    (flow) => flow.kind === "stream" && flow.amount === null,
  );
  switch (kind) {
    case "payment":
      // "What payment finishes it?" may be a last one, and "what would you pay" a price.
      return single === undefined && !isValue;
    case "future":
    case "final":
    case "balance":
      return (!isPaymentAsked || isOfEach) && (single === undefined || isLate);
    case "present":
    case "start":
      return (
        isValue ||
        (single !== undefined && !isLate) ||
        problem.flows.every((flow) => flow.kind !== "single")
      );
    default:
      // "What will be … after 20 years?": nothing of today is asked for, whatever it is called.
      return !isLaterAsked || (single === undefined ? !isValue : isLate);
  }
}

const AMOUNTS: ReadonlySet<AskKind> = new Set<AskKind>([
  "payment",
  "future",
  "present",
  "start",
  "final",
  "balance",
]);

/** A net value is of what is spent and what is got. */
function hasBothWays({ flows }: Problem): boolean {
  const ways = flows.flatMap((flow): readonly ("in" | "out")[] => {
    if (flow.kind === "dated") return flow.entries.map(({ amount }) => wayOf(amount));
    return flow.kind === "list" ? flow.amounts.map(wayOf) : [flow.direction];
  });
  return new Set(ways).size === 2;
}

function wayOf(amount: unknown): "in" | "out" {
  return typeof amount === "number" && amount < 0 ? "out" : "in";
}

/** Whether what is unknown is how many, how long or when. */
function isTimeUnknown({ flows }: Problem): boolean {
  return flows.some((flow) => {
    if (flow.kind === "single") return flow.at === null;
    return flow.kind === "stream" && (flow.count === null || flow.begins === null);
  });
}

function agreesWithoutPayments(kind: AskKind, problem: Problem, isRhythmAsked: boolean): boolean {
  const single = problem.flows.find((flow) => flow.kind === "single" && flow.amount === null);
  if (single?.kind !== "single") return true;
  // Of equal payments at times of their own any may be asked for.
  const isOfEqual = problem.flows.some(
    (flow) => flow.kind === "single" && typeof flow.amount === "object" && flow.amount !== null,
  );
  if (isOfEqual) return true;
  if (kind === "payment" && isRhythmAsked) return false;
  const isPast = ({ at }: { readonly at: unknown }) => typeof at === "string" && at.startsWith("-");
  // Of what was there before, the value today is a later one and a present one.
  if (problem.flows.some((flow) => flow.kind === "single" && isPast(flow))) return true;
  const isLate = single.at !== "P0D";
  // "What single payment settles both?" is asked at any time.
  if (kind === "final") return isLate || problem.flows.length > 2;
  if (kind === "future") return isLate;
  return kind === "present" || kind === "start" ? !isLate : true;
}

export const HALF_A_CENT = 0.005;
const MOST_PERCENT = 150;
const FALLS =
  / (?:fall|falls|fell|fallen|falling|los(?:es?|t|ing)|loss|losses|decline[sd]?|shrinks?|shrank|shrunk|decreas\w+|drops?|dropped|depreciat\w+|less|negative|reduc\w+) /;

/** Whether an answer can be meant: one that goes the other way round, or lies before today, was not asked for. */
export function isSensible({ answers }: SolvedProblem, words: string): boolean {
  return answers.every(({ turned, unit, value }) => {
    if (turned === true) return false;
    // Nobody asks for nothing.
    if (unit === "money") return Math.abs(value) >= HALF_A_CENT;
    if (unit === "percent") return value <= MOST_PERCENT && (value >= 0 || FALLS.test(words));
    return value >= 0;
  });
}
