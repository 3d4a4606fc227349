import type { SolveReply } from "@kestrelmoor/contract";
import { solve } from "@kestrelmoor/core";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { readProblemIn } from "../http/read-body";
import { unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function solveRoutes(): Router {
  const router = Router();
  router.post("/", jsonBody, (request: Request, response: Response) => {
    const solution = solve(readProblemIn(request.body));
    if (!solution.ok) throw unsolvable(solution.issues);
    const { unknown, answers, completeness, also, facts } = solution.value;
    response.json({
      unknown: { path: unknown.path },
      answers,
      completeness,
      also,
      facts,
    } satisfies SolveReply);
  });
  return router;
}
