import { markOptions, type MarkReply } from "@kestrelmoor/contract";
import { markAnswer, tellExplanation, tellRight, type Marking } from "@kestrelmoor/core/teaching";
import { readClaim } from "@kestrelmoor/core/typing";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { readBody, readProblemIn } from "../http/read-body";
import { unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function markRoutes(): Router {
  const router = Router();
  router.post("/", jsonBody, (request: Request, response: Response) => {
    // A problem file has versions of its own, so it is read apart from what is asked about it.
    const { problem: file, ...rest } = (request.body ?? {}) as { readonly problem?: unknown };
    const { claimed } = readBody(markOptions, rest);
    const problem = readProblemIn(file, ["problem"]);
    const claim = readClaim(claimed);
    if (!claim.ok) throw unsolvable(claim.issues);
    const marking = markAnswer(problem, claim.value);
    if (!marking.ok) throw unsolvable(marking.issues);
    response.json(replyOf(marking.value));
  });
  return router;
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
