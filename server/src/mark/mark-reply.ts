import { markOptions, markPartOptions, type MarkReply } from "@kestrelmoor/contract";
import { issue, solveQuestion, type Problem } from "@kestrelmoor/core";
import {
  markAnswer,
  placeTyped,
  tellExplanation,
  tellPlaced,
  tellTogether,
  tellRight,
  tellThrough,
  type Claim,
  type Marked,
  type Marking,
} from "@kestrelmoor/core/teaching";
import { readClaim, readClaims, timesSaidIn } from "@kestrelmoor/core/typing";
import { isAboutQuestion, readAboutProblem, readAboutQuestion } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function markReply(body: unknown): MarkReply {
  if (isAboutQuestion(body)) return partReply(body);
  const { problem, asked } = readAboutProblem(markOptions, body);
  return {
    ...replyFor(problem, asked.claimed, { follow: asked.asked ?? asked.follow }),
    ...placedValues(problem, asked.values),
  };
}

/** One part of a question, with what the student has for those before it. */
function partReply(body: unknown): MarkReply {
  const { question, asked } = readAboutQuestion(markPartOptions, body);
  const { part: label, claimed, follow, asked: figure, values, earlier } = asked;
  const parts = solveQuestion(question);
  const part = parts.find((one) => one.label === label);
  if (part === undefined) throw unsolvable([issue("part-missing", ["part"], { label })]);
  if (!part.solved.ok) throw unsolvable(part.solved.issues);
  const theirs = Object.entries(earlier).flatMap(([of, typed]) => {
    const problem = parts.find((one) => one.label === of)?.problem ?? null;
    return problem === null ? [] : [{ label: of, problem, claim: claimIn(typed, problem) }];
  });
  const through = solveQuestion(
    question,
    new Map(theirs.map((one) => [one.label, one.claim.value])),
  );
  const problem = through.find((one) => one.label === label)?.problem ?? null;
  const wrong = theirs.filter((one) => !isRight(one.problem, one.claim));
  const own = part.solved.value.problem;
  const reply = replyFor(own, claimed, {
    follow: figure ?? follow,
    through:
      problem === null || theirs.length === 0
        ? undefined
        : { problem, labels: theirs.map((one) => one.label), wrong: wrong.map((one) => one.label) },
  });
  return { ...reply, ...placedValues(own, values) };
}

/** Values on the way, each in its place. */
function placedValues(problem: Problem, typed: string | undefined): Pick<MarkReply, "values"> {
  if (typed === undefined) return {};
  return {
    values: placeTyped(problem, readClaims(typed, timesSaidIn(problem))).map((one) => {
      const { placed } = one;
      const where = placed === null || placed.verdict === "unexplained" ? null : placed.where;
      const step = where?.step ?? null;
      return {
        typed: one.typed,
        verdict: placed?.verdict ?? "unexplained",
        sentence: tellPlaced(placed),
        step: step === null ? null : step + 1,
      };
    }),
  };
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
