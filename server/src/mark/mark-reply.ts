import { markOptions, markPartOptions, type MarkReply } from "@kestrelmoor/contract";
import { issue, solveQuestion, type Problem } from "@kestrelmoor/core";
import {
  markAnswer,
  tellExplanation,
  tellTogether,
  tellRight,
  tellThrough,
  type Claim,
  type Marked,
  type Marking,
} from "@kestrelmoor/core/teaching";
import { readClaim, timesSaidIn } from "@kestrelmoor/core/typing";
import { isAboutQuestion, readAboutProblem, readAboutQuestion } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function markReply(body: unknown): MarkReply {
  if (isAboutQuestion(body)) return partReply(body);
  const { problem, asked } = readAboutProblem(markOptions, body);
  return replyFor(problem, asked.claimed, { follow: asked.follow });
}

/** One part of a question, with what the student has for those before it. */
function partReply(body: unknown): MarkReply {
  const { question, asked } = readAboutQuestion(markPartOptions, body);
  const { part: label, claimed, follow, earlier } = asked;
  const parts = solveQuestion(question);
  const part = parts.find((one) => one.label === label);
  if (part === undefined) throw unsolvable([issue("part-missing", ["part"], { label })]);
  if (!part.solved.ok) throw unsolvable(part.solved.issues);
  const own = Object.entries(earlier).flatMap(([of, typed]) => {
    const problem = parts.find((one) => one.label === of)?.problem ?? null;
    return problem === null ? [] : [{ label: of, problem, claim: claimIn(typed, problem) }];
  });
  const through = solveQuestion(question, new Map(own.map((one) => [one.label, one.claim.value])));
  const problem = through.find((one) => one.label === label)?.problem ?? null;
  const wrong = own.filter((one) => !isRight(one.problem, one.claim));
  return replyFor(part.solved.value.problem, claimed, {
    follow,
    through:
      problem === null || own.length === 0
        ? undefined
        : { problem, labels: own.map((one) => one.label), wrong: wrong.map((one) => one.label) },
  });
}

function isRight(problem: Problem, claim: Claim): boolean {
  const marking = markAnswer(problem, claim);
  return marking.ok && marking.value.verdict === "right";
}

function claimIn(typed: string, problem: Problem): Claim {
  const claim = readClaim(typed, timesSaidIn(problem));
  if (!claim.ok) throw unsolvable(claim.issues);
  return claim.value;
}

function replyFor(problem: Problem, claimed: string, marked: Marked): MarkReply {
  const marking = markAnswer(problem, claimIn(claimed, problem), marked);
  if (!marking.ok) throw unsolvable(marking.issues);
  return replyOf(marking.value);
}

function replyOf(marking: Marking): MarkReply {
  const { verdict, answer } = marking;
  if (verdict === "right") return { verdict, sentence: tellRight(marking.as), explanations: [] };
  if (verdict === "follows-through") {
    return { verdict, sentence: tellThrough(marking.through), explanations: [] };
  }
  if (verdict === "unexplained") {
    return {
      verdict,
      sentence: "It does not match a common mistake. Check a value from an earlier step.",
      explanations: [],
    };
  }
  return {
    verdict,
    sentence: tellTogether(marking.explanations, answer.unit).sentence,
    explanations: marking.explanations.map((one) => ({
      codes: one.codes,
      value: one.value,
      ...tellExplanation(one, answer.unit),
    })),
  };
}
