import type { SolveReply } from "@kestrelmoor/contract";
import { readProblem, solve, type Issue } from "@kestrelmoor/core";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { invalidDocument, unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function solveRoutes(): Router {
  const router = Router();
  router.post("/", jsonBody, (request: Request, response: Response) => {
    const problem = readProblem(request.body);
    if (!problem.ok) throw invalidDocument(problem.issues);
    const solution = solve(problem.value);
    if (!solution.ok) throw unsolvable(solution.issues as readonly [Issue, ...Issue[]]);
    const { unknown, answers, also, facts } = solution.value;
    response.json({
      unknown: { path: [...unknown.path] },
      answers: [...answers],
      also: [...also],
      facts: { ...facts, effectivePercents: [...facts.effectivePercents] },
    } satisfies SolveReply);
  });
  return router;
}
