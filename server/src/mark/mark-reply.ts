import { markOptions, type MarkReply } from "@kestrelmoor/contract";
import { markAnswer, tellExplanation, tellRight, type Marking } from "@kestrelmoor/core/teaching";
import { readClaim, timesSaidIn } from "@kestrelmoor/core/typing";
import { readAboutProblem } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function markReply(body: unknown): MarkReply {
  const { problem, asked } = readAboutProblem(markOptions, body);
  const claim = readClaim(asked.claimed, timesSaidIn(problem));
  if (!claim.ok) throw unsolvable(claim.issues);
  const marking = markAnswer(problem, claim.value);
  if (!marking.ok) throw unsolvable(marking.issues);
  return replyOf(marking.value);
}

function replyOf(marking: Marking): MarkReply {
  const { verdict } = marking;
  if (verdict === "right") return { verdict, sentence: tellRight(marking.as), explanations: [] };
  const explanations =
    verdict === "explained"
      ? marking.explanations.map((one) => ({
          codes: one.codes,
          value: one.value,
          ...tellExplanation(one, marking.answer.unit),
        }))
      : [];
  return {
    verdict,
    sentence:
      explanations[0]?.sentence ??
      "It does not match a common mistake. Check a value from an earlier step.",
    explanations,
  };
}
