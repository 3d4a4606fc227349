import { workingsOptions, type WorkingsReply } from "@kestrelmoor/contract";
import { solve } from "@kestrelmoor/core";
import {
  furtherWorkings,
  lineLatex,
  linePlain,
  workings,
  type Step,
} from "@kestrelmoor/core/teaching";
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
    const own = workings(problem, solution.value, { level });
    const further = furtherWorkings(problem, solution.value, own, { level });
    response.json({
      steps: own.steps.map(replied),
      also: further.map((made) => (made === null ? null : { steps: made.steps.map(replied) })),
    } satisfies WorkingsReply);
  });
  return router;
}

function replied({ kind, say, lines, table, value }: Step): WorkingsReply["steps"][number] {
  const formulas = lines.filter(({ parts }) => parts.length > 0);
  return {
    kind,
    say,
    latex: formulas.map((line) => lineLatex(line)),
    plain: formulas.map((line) => linePlain(line)),
    ...(table === undefined ? {} : { table }),
    ...(value === undefined ? {} : { value }),
  };
}
