import { workingsOptions, type WorkingsReply } from "@kestrelmoor/contract";
import { solve } from "@kestrelmoor/core";
import { lineLatex, linePlain, workings } from "@kestrelmoor/core/teaching";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { readBody, readProblemIn } from "../http/read-body";
import { unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function workingsRoutes(): Router {
  const router = Router();
  router.post("/", jsonBody, (request: Request, response: Response) => {
    // A problem file has versions of its own, so it is read apart from what is asked about it.
    const { problem: file, ...rest } = (request.body ?? {}) as { readonly problem?: unknown };
    const { level } = readBody(workingsOptions, rest);
    const problem = readProblemIn(file, ["problem"]);
    const solution = solve(problem);
    if (!solution.ok) throw unsolvable(solution.issues);
    const { steps } = workings(problem, solution.value, { level });
    response.json({
      steps: steps.map(({ kind, say, lines, table, value }) => {
        const formulas = lines.filter(({ parts }) => parts.length > 0);
        return {
          kind,
          say,
          latex: formulas.map((line) => lineLatex(line)),
          plain: formulas.map((line) => linePlain(line)),
          ...(table === undefined ? {} : { table }),
          ...(value === undefined ? {} : { value }),
        };
      }),
    } satisfies WorkingsReply);
  });
  return router;
}
